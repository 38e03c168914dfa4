import { call, type Draft, type Piece, pieceOf } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";
import type { Landing } from "../landing.ts";
import { type DrawnHalf, onHalves } from "./amounts.ts";
import { type Drawn, type DrawRule, instead, inWords, NO_AMOUNT, together } from "./rule.ts";

/** Places whose length lies below the last level. */
const LOW: readonly string[] = ["frontCrotch", "seat", "crotch"];

/** Lengths that lie above the waist, and those below it. */
const ABOVE: readonly string[] = ["frontWaist", "backWaist", "trunk", "depth"];
const BELOW: readonly string[] = ["frontRise", "backRise", "skirtFront", "skirtBack", "below"];

/** Remedies that shape a seam these recipes do not draw. */
const AT_A_SEAM: Readonly<Record<string, string>> = {
  "through-seam": "take the length out at the seam that is there",
  "centre-back-seam": "cut the back apart along its centre, with a seam allowance, and hollow that seam there",
};

/** A length is given or taken at a line across the piece; front and back run out to one amount at the side. */
export const drawLength: DrawRule = (change, draft) => {
  const { remedy, amountMm } = change;
  const seam = AT_A_SEAM[remedy];
  if (seam !== undefined)
    return instead(`By hand: ${seam}; these pieces are drawn without one. Or fold it out across the piece.`);
  const { halves, side } = onHalves(change, draft);
  if (/\bstrap\b/.test(change.pieces))
    return instead("No line of these pieces moves: cut the straps by their new length.");
  if (amountMm === null && halves.length === 0) return NO_AMOUNT;
  if (halves.length === 0)
    return instead(
      "By hand: none of these pieces is a front or a back. Cut the piece that runs there apart square to the centre, and spread or lap it by the amount.",
    );
  return onTheHalves(change, draft, { halves, side });
};

/** What front and back take at a line between two levels: of one side alone at its side, where the middle belongs to both. */
export function onTheHalves(
  change: LengthChange,
  draft: Draft,
  { halves, side }: Pick<ReturnType<typeof onHalves>, "halves" | "side">,
): Drawn {
  if (change.side === "both")
    return together(halves.map(({ half, centre }) => lengthened(change, draft, half, { centre, side })));
  if (halves.length < 2 || side === 0) return ENDS_IN_THE_MIDDLE;
  return together(halves.map(({ half }) => lengthened(change, draft, half, { centre: 0, side })));
}

/** What is said where a length of one side would end at the middle. */
export const ENDS_IN_THE_MIDDLE = instead(
  "By hand: on one side alone it would end at the middle, or in the side of one piece. Take it as a wedge on the cut piece, or give front and back alike.",
);

type LengthChange = Pick<Change, "lengthId" | "spot" | "parts" | "side">;

/** A half made longer or shorter where the change's length lies on it. */
function lengthened(
  change: LengthChange,
  draft: Draft,
  half: DrawnHalf,
  amounts: { readonly centre: number; readonly side: number },
): Drawn {
  const piece = pieceOf(draft, half);
  const [from, to] = bandFor(change, piece, amounts.side);
  const where = `across the piece, between the ${from === "upperEnd" ? "upper edge" : inWords(from)} and the ${to === "bottom" || to === "sideEnd" ? "lower end" : inWords(to)}`;
  const told = (byMm: number, place: string): Landing["cut"] => ({
    line: `${where}, ${place}`,
    doing: byMm < 0 ? "overlap" : "spread",
  });
  const centre = piece.edges.find(({ role }) => role.startsWith("centre"))?.id;
  const { centre: byMm, side } = amounts;
  const even = byMm === side;
  return {
    calls: [call("lengthen", { piece: half, from, to, ...amounts })],
    lands: [
      ...(centre === undefined || byMm === 0
        ? []
        : [
            landing(
              half,
              "edge",
              centre,
              byMm,
              told(
                byMm,
                even ? "even all the way" : side === 0 ? "at the centre, to nothing at the side" : "at the centre",
              ),
            ),
          ]),
      ...(piece.levels.some(({ level }) => level === to)
        ? [landing(half, "sideDown", to, side, side === 0 || even ? undefined : told(side, "at the side"))]
        : []),
    ],
  };
}

const landing = (
  piece: string,
  measure: Landing["measure"],
  of: string,
  byMm: number,
  cut: Landing["cut"],
): Landing => ({
  ...{ piece, measure, of, byMm },
  ...(cut ? { cut } : {}),
});

/** Between which levels a length is changed on a half. What runs out to nothing at the side lies low only where it was seen low. */
function bandFor(
  { lengthId, spot, parts }: LengthChange,
  piece: Piece,
  side: number,
): readonly [from: string, to: string] {
  const levels = piece.levels.map(({ level }) => level);
  const id = parts.find((part) => part.id === piece.id)?.lengthId || lengthId;
  const waist = levels.indexOf("waist");
  const isLow = LOW.includes(spot);
  if (isLow && side === 0) return [levels.at(-1) ?? "upperEnd", "bottom"];
  const above = levels[waist - 1];
  // A neckline that lies below the level above the waist leaves no centre there to be cut apart.
  if (ABOVE.includes(id) && !isLow && above !== undefined && reaches(piece, above)) return [above, "waist"];
  if (waist !== -1) return ["waist", levels[waist + 1] ?? "sideEnd"];
  if (!isLow && !BELOW.includes(id) && !ABOVE.includes(id)) return [levels.at(-1) ?? "upperEnd", "bottom"];
  // An upper edge below the waist: between it and the first level that lies below it.
  return ["upperEnd", levels.find((level) => reaches(piece, level, ROOM_MM)) ?? "sideEnd"];
}

/** A line is cut apart where there is so much room for it, mm. */
const ROOM_MM = 20;

/** True where centre and side of a piece begin so far above a level. */
function reaches({ edges, levels }: Piece, level: string, roomMm = 0): boolean {
  const centre = edges.find(({ role }) => role.startsWith("centre"));
  const line = levels.find((one) => one.level === level);
  const top = Math.min(...(centre?.lines ?? []).flatMap(({ from, to }) => [from.y, to.y]));
  const side = edges.find(({ id }) => id === "side")?.lines[0]?.from.y ?? top;
  return line !== undefined && line.from.y >= top + roomMm && line.to.y >= side + roomMm;
}
