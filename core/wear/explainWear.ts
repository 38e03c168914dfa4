import { type Reckoned, reckoned } from "../calculation/index.ts";
import { GAP_PLACES, lacingWords } from "../corset/index.ts";
import { term } from "../explain/index.ts";
import type { GapRead } from "./gapRead.ts";
import type { PullRead } from "./pullRead.ts";
import type { GirthRead, LevelWorn, Settled, WearRead } from "./worn.ts";

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

/** What a level closes to on a form or on the wearer, from the gap there. */
export const explainWorn = (level: LevelWorn, gapPlannedMm: number): Reckoned[] => {
  const closedOn = (who: string, words: string, closedMm: number | null): Reckoned[] =>
    closedMm === null
      ? []
      : [
          reckoned(`${who}.${level.level}`, `${level.name}, closed on ${words}`, {
            formula: "C − g + r",
            terms: [
              term("garment", "length")("C", "planned, closed", level.plannedMm, "reduction"),
              term("setting", "difference")("g", "gap planned", gapPlannedMm, "reduction"),
              read("r", "gap read there", closedMm - level.plannedMm + gapPlannedMm, BETWEEN),
            ],
            result: { value: closedMm, unit: "length" },
          }),
        ];
  return [
    ...closedOn("form", "the form", level.onFormMm),
    ...closedOn("wearer", "the wearer", level.onWearerMm),
    ...(level.gapMm === null
      ? []
      : [
          reckoned(`gap.${level.level}`, `${level.name}, gap`, {
            formula: "g",
            terms: [read("g", "gap on the wearer", level.gapMm, BETWEEN)],
            result: { value: level.gapMm, unit: "amount" },
          }),
        ]),
  ];
};

const BETWEEN = "last reading; between top, waist and bottom evenly over the height behind";

/** By how much a garment was laced in, or gave, in a wear. */
export const explainSettled = (read: WearRead): Reckoned[] =>
  settled(read, `settled.${read.at}`, `Wear ${read.at + 1}, laced in by`, "closed waist");

/** The same of another level. */
export const explainGirth = (read: GirthRead): Reckoned[] =>
  settled(read, `girth.${read.at}`, `${read.name}, laced in by`, `closed at the ${read.name.toLowerCase()}`);

const settled = ({ settledMm, firstMm, lastMm }: Settled, id: string, name: string, what: string): Reckoned[] =>
  settledMm === null || firstMm === null || lastMm === null
    ? []
    : [
        reckoned(id, name, {
          formula: "a − b",
          terms: [
            term("finding", "length")("a", `${what}, first reading`, firstMm, "read here"),
            term("finding", "length")("b", `${what}, last reading`, lastMm, "read here"),
          ],
          result: { value: settledMm, unit: "difference" },
        }),
      ];
