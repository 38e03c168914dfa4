import { type Reckoned, reckoned } from "../calculation/index.ts";
import { GAP_PLACES, lacingWords } from "../corset/index.ts";
import { term } from "../explain/index.ts";
import type { GapRead } from "./gapRead.ts";
import type { PullRead } from "./pullRead.ts";

const read = term("finding", "amount");

/** What each seam edge takes at the three places of a gap that was read. */
export const explainGap = ({ at, gap, perEdge }: GapRead, targetMm: number, seams: number | null): Reckoned[] =>
  perEdge === null || seams === null
    ? []
    : GAP_PLACES.map((place) =>
        reckoned(`edge.${at}.${place}`, `Every seam edge, at the ${place}`, {
          formula: "Δ = (g − w) / (2 · n)",
          terms: [
            read("g", `gap at the ${place}`, gap[place], "read here"),
            term("setting", "amount")("w", "gap wanted", targetMm, "reduction, or typed here"),
            term("garment", "count")("n", "seams between panels, all round", seams, "drawn panels"),
          ],
          result: { value: perEdge[place], unit: "difference" },
          notes: ["Above 0 lets out. Two edges a seam: all of them together take the difference."],
        }),
      );

/** Tension and pressure of a pull. */
export const explainPull = (pull: PullRead): Reckoned[] => [
  reckoned(`tension.${pull.at}`, `Tension, ${pull.level.toLowerCase()}`, {
    formula: "T = 2 · F · g / (g ^ 2 + p ^ 2) ^ 0.5 / (p / 1000)",
    terms: [
      term("finding", "force")("F", "pull in the lace there", pull.pullN, "gauge"),
      read("g", "gap there", pull.gapMm, "read here"),
      read("p", "eyelets apart", pull.pitchMm, "typed here"),
    ],
    result: { value: pull.tensionNPerM, unit: "tension" },
    notes: ["Two crossings a pitch, each with its part across the gap. What the hand pulls is eaten at every eyelet."],
  }),
  reckoned(`pressure.${pull.at}`, `Mean pressure, ${pull.level.toLowerCase()}`, {
    formula: "p = 2 · π · T / C",
    terms: [
      term("result", "tension")("T", "tension", pull.tensionNPerM, "above"),
      term("garment", "length")(
        "C",
        "closed there",
        pull.closedMm,
        "closed as planned, less the gap planned, with the gap read",
      ),
    ],
    result: { value: pull.pressureKpa, unit: "pressure" },
    notes: [`${lacingWords(pull.band).word}: ${lacingWords(pull.band).care}`, "A mean: bone and rib feel more."],
  }),
];
