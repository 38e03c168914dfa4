import { changePerEdge, GAP_PLACES, type GapPlace, isParallel, PARALLEL_MM } from "../../../corset/index.ts";
import { term } from "../../../explain/index.ts";
import { type FindingAnswer, type FindingFacts, type FindingKind, type RemedyPart, remedy } from "./findingKind.ts";

const width = (id: string, label: string, hint = "Edge to edge.", needed = true) =>
  ({ id, label, type: "amount", hint, needed }) as const;

/** A lacing gap whose edges are not parallel. */
export const gapShape: FindingKind = {
  id: "gap_shape",
  name: "Lacing gap not parallel",
  sees: "The lacing gap opens or closes on its way down.",
  spots: ["lacing"],
  amount: null,
  fields: [
    width("top", "Gap at the top"),
    width("waist", "Gap at the waist"),
    width("bottom", "Gap at the bottom"),
    width("target", "Gap wanted", "As the reduction has it. Empty: as at the waist.", false),
  ],
  effect: "reshape",
  strain: "free",
  answer,
};

const CAUTIONS = ["Pain, numbness, tingling, breathlessness, faintness, heartburn: loosen at once."];

function answer({ detail, seams }: FindingFacts): FindingAnswer {
  const { top, waist, bottom, target } = detail;
  if (typeof top !== "number" || typeof waist !== "number" || typeof bottom !== "number")
    return { remedies: [], asks: ["Give the gap at top, waist and bottom."] };
  const gap = { top, waist, bottom };
  const wanted = typeof target === "number" ? target : waist;
  const off = GAP_PLACES.filter(
    (place) => Math.abs(gap[place] - wanted) > (typeof target === "number" ? ON_TARGET_MM : 0),
  );
  const onTarget = GAP_PLACES.every((place) => Math.abs(gap[place] - wanted) <= PARALLEL_MM);
  if (isParallel(gap) && onTarget)
    return {
      remedies: [
        remedy({
          id: "parallel",
          on: "making",
          name: "Leave it",
          why: `The gap is parallel within ${PARALLEL_MM} mm, and as wanted.`,
        }),
      ],
      cautions: CAUTIONS,
    };
  const parts = off.map((place) => panelsAt(place, gap[place], wanted));
  const first = parts[0];
  return {
    remedies: [
      remedy({
        id: "panels",
        on: "edge",
        name: `${off.map((place) => `${gap[place] > wanted ? "Give at" : "Take from"} the ${place}`).join(", ")}, through the panel seams`,
        pieces: "panels",
        line: `${seams.name} at the ${off.join(" and the ")}`,
        blend: "evenly from one level to the next",
        amountMm: first?.amountMm ?? null,
        seams: seams.count,
        parts,
        why: off.map((place) => whyAt(place, { gap: gap[place], wanted, seams: seams.count })).join(" "),
      }),
    ],
    cautions: CAUTIONS,
  };
}

/** A gap this near to what is wanted is there, mm. */
const ON_TARGET_MM = 1;

/** What a seam edge takes at a place, and why. */
function whyAt(place: GapPlace, { gap, wanted, seams }: { gap: number; wanted: number; seams: number }): string {
  const perEdge = changePerEdge(gap, wanted, seams);
  const amount = `${Math.abs(perEdge).toFixed(1)} mm ${perEdge > 0 ? "out" : "in"} at every seam edge`;
  return perEdge > 0
    ? `Wider at the ${place} than wanted: the body needs more there, ${amount}. Not by lacing tighter.`
    : `Narrower at the ${place} than wanted: there is more than the body needs, ${amount}.`;
}

const panelsAt = (place: GapPlace, gapMm: number, wantedMm: number): RemedyPart => ({
  ...{ id: place, pieces: "panels", line: `panel seams at the ${place}`, lengthId: "", strain: null },
  readMm: gapMm,
  amountMm: gapMm - wantedMm,
  by: {
    formula: "Δ = g − w",
    terms: [
      term("finding", "amount")("g", `gap at the ${place}`, gapMm, "read at the fitting"),
      term("finding", "amount")("w", "gap wanted", wantedMm, "read at the fitting"),
    ],
  },
});
