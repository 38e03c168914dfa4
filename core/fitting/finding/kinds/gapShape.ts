import { term } from "../../../explain/index.ts";
import { type FindingAnswer, type FindingFacts, type FindingKind, type RemedyPart, remedy } from "./findingKind.ts";

/** Widths that differ by less are parallel, mm. */
const PARALLEL_MM = 5;

const width = (id: string, label: string) =>
  ({ id, label, type: "amount", hint: "Edge to edge.", needed: true }) as const;

/** A lacing gap whose edges are not parallel. */
export const gapShape: FindingKind = {
  id: "gap_shape",
  name: "Lacing gap not parallel",
  sees: "The lacing gap opens or closes on its way down.",
  spots: ["lacing"],
  amount: null,
  fields: [width("top", "Gap at the top"), width("waist", "Gap at the waist"), width("bottom", "Gap at the bottom")],
  effect: "reshape",
  strain: "free",
  answer,
};

function answer({ detail }: FindingFacts): FindingAnswer {
  const { top, waist, bottom } = detail;
  if (typeof top !== "number" || typeof waist !== "number" || typeof bottom !== "number") {
    return { remedies: [], asks: ["Give the gap at top, waist and bottom."] };
  }
  const differences = [
    { place: "top", gap: top, mm: top - waist },
    { place: "bottom", gap: bottom, mm: bottom - waist },
  ];
  const off = differences.filter(({ mm }) => Math.abs(mm) > PARALLEL_MM);
  const cautions = ["Pain, numbness, tingling, breathlessness, faintness, heartburn: loosen at once."];
  if (off.length === 0) {
    return {
      remedies: [
        remedy({
          id: "parallel",
          on: "making",
          name: "Leave it",
          why: `The gap is parallel within ${PARALLEL_MM} mm.`,
        }),
      ],
      cautions,
    };
  }
  const parts = off.map(({ place, gap, mm }) => panelsAt(place, { gap, waist, mm }));
  return {
    remedies: [
      remedy({
        id: "panels",
        on: "edge",
        name: `${off.map(({ place, mm }) => `${mm > 0 ? "Give at" : "Take from"} the ${place}`).join(", ")}, through the panel seams`,
        pieces: "panels",
        line: `panel seams at the ${off.map(({ place }) => place).join(" and the ")}`,
        blend: "to nothing at the waist",
        amountMm: parts[0]?.amountMm ?? null,
        parts,
        why: off
          .map(({ place, mm }) =>
            mm > 0
              ? `The gap is wider at the ${place} than at the waist: the body needs more there. Not by lacing tighter.`
              : `The gap is narrower at the ${place} than at the waist: there is more than the body needs.`,
          )
          .join(" "),
      }),
    ],
    cautions,
  };
}

const panelsAt = (place: string, { gap, waist, mm }: Readonly<Record<"gap" | "waist" | "mm", number>>): RemedyPart => ({
  ...{ id: place, pieces: "panels", line: `panel seams at the ${place}`, lengthId: "", strain: null },
  readMm: gap,
  amountMm: mm,
  by: {
    formula: "Δ = g − w",
    terms: [
      term("finding", "amount")("g", `gap at the ${place}`, gap, "read at the fitting"),
      term("finding", "amount")("w", "gap at the waist", waist, "read at the fitting"),
    ],
  },
});
