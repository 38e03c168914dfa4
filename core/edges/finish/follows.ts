import type { Draft, DraftNumber, EdgeRole, PieceEdge } from "../../drafting/index.ts";

/** What follows from another finish at an edge, in sentences: what else has to be looked at. */
const FOLLOWS: Readonly<Partial<Record<EdgeRole, string>>> = {
  top: "The wave of the edge, and what shows above it, are other than they were.",
  neckline: "At a cup the wave of its top edge moves with the finish, on a bra the bridge with it.",
  armhole: "At a cup the wave of its top edge moves with the finish.",
  wire: "The channel lies in this allowance: the wire has more or less room.",
  waist: "A casing is cut to this edge, and what turns over takes up height: the rise ends elsewhere.",
  leg: "What turns over takes up cloth along a bent edge: a wide turn pulls at the inside of the leg.",
  hem: "A lower edge that is turned ends higher by what is turned.",
};

/** Edges at an end of a wire's channel, with the symbol of what their finish takes off it and where that is typed. */
const CHANNEL_ENDS: Readonly<Partial<Record<EdgeRole, { readonly symbol: string; readonly option: string }>>> = {
  armhole: { symbol: "fₜ", option: "Taken off the channel at the underarm" },
  neckline: { symbol: "f_b", option: "Taken off it at the bridge" },
};

/** Cut lines that move by less than this stay, mm. */
const STAYS_MM = 0.05;

/**
 * What follows from another finish at an edge: where it is cut now, what a wire beside it has left, what else to look at.
 * @param allowanceMm what the finish adds outside the seam line.
 * @param numbers of the draft the edge is of: what is free for its wires is among them.
 */
export function followsFinish(
  { role, allowanceMm: wasMm }: Pick<PieceEdge, "role" | "allowanceMm">,
  allowanceMm: number,
  { numbers }: Pick<Draft, "numbers">,
): string[] {
  const byMm = allowanceMm - wasMm;
  const moved =
    Math.abs(byMm) < STAYS_MM
      ? []
      : [
          `The edge is cut ${mm(Math.abs(byMm))} ${byMm > 0 ? "further out" : "further in"} than before (${mm(wasMm)} outside its seam line, now ${mm(allowanceMm)}).`,
        ];
  const about = FOLLOWS[role];
  return [
    ...moved,
    ...numbers
      .filter(({ id }) => id.endsWith("wireFree"))
      .flatMap((free) => wireWords(free, role, allowanceMm, numbers)),
    ...(about ? [about] : []),
  ];
}

/** What a wire has left where the finish of an edge beside it takes what is turned in there. */
function wireWords(
  { id, explanation: { title, terms, result } }: DraftNumber,
  role: EdgeRole,
  allowanceMm: number,
  numbers: readonly DraftNumber[],
): string[] {
  const end = CHANNEL_ENDS[role];
  const foldMm = terms.find(({ symbol }) => symbol === end?.symbol)?.value;
  const raise = numbers.find((one) => one.id === id.replace(/Free$/, "Raise"))?.explanation;
  const wantedMm = raise?.terms.find(({ symbol }) => symbol === "m")?.value;
  if (!end || foldMm === undefined || wantedMm === undefined || Math.abs(allowanceMm - foldMm) < STAYS_MM) return [];
  const freeMm = result.value + foldMm - allowanceMm;
  const raiseMm = wantedMm - freeMm;
  const then =
    raiseMm > STAYS_MM
      ? `channel, cradle, wing and the cup that meets them want to be ${mm(raiseMm)} higher at the underarm.`
      : "nothing has to be raised.";
  return [
    `${title}: what is turned in takes ${mm(allowanceMm)} instead of ${mm(foldMm)}, which leaves ${mm(freeMm)} of the ${mm(wantedMm)} wanted: ${then} Type it at “${end.option}”, and they are drawn so.`,
  ];
}

const mm = (length: number): string => `${Math.round(length * 10) / 10} mm`;
