import { call, type Draft, type Piece, type PieceEdge, pieceOf } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";
import { onHalves } from "./amounts.ts";
import { inTheMiddle, MIDDLE_OF_LEG } from "./inTheMiddle.ts";
import { ENDS_IN_THE_MIDDLE, onTheHalves } from "./length.ts";
import { type Drawn, type DrawRule, instead, NO_AMOUNT, together } from "./rule.ts";

/** A line is moved: with all below it where a length of the plan ends there, else between the lines beside it; an edge of the garment at its ends. */
export const drawLine: DrawRule = (change, draft) => {
  const { halves, side } = onHalves(change, draft);
  if (halves.length === 0) return NO_AMOUNT;
  if (change.spot === "underarm") return underarm(draft, change.amountMm ?? 0);
  if (change.spot === "topEdge" || halves.every(({ half }) => isUpperEdge(pieceOf(draft, half), change.spot)))
    return topEdge(draft, onOneSide(change, halves, side), side);
  if (change.spot === "legFront" || change.spot === "legBack")
    return legLine(pieceOf(draft, change.spot === "legFront" ? "front" : "back"), change.amountMm ?? 0);
  const there = halves.every(({ half }) => pieceOf(draft, half).levels.some(({ level }) => level === change.spot));
  const first = halves.some(({ half }) => pieceOf(draft, half).levels[0]?.level === change.spot);
  if (!there || first)
    return instead("By hand: these pieces do not have that line. Draw it on them, and move it by the amount.");
  const moves = halves.every(({ half }) => change.parts.some((part) => part.id === half && part.lengthId !== ""));
  if (moves) return onTheHalves(change, draft, { halves, side });
  const given = onOneSide(change, halves, side);
  if (given.length === 0) return ENDS_IN_THE_MIDDLE;
  return together(
    given.map(({ half, centre }): Drawn => {
      const told = (byMm: number, place: string) =>
        ({ line: `the line, ${place}`, doing: byMm < 0 ? "up" : "down" }) as const;
      return {
        calls: [call("moveLevel", { piece: half, level: change.spot, centre, side })],
        lands: [
          ...(centre === 0
            ? []
            : [
                {
                  ...({ piece: half, measure: "down", of: change.spot, byMm: centre } as const),
                  cut: told(centre, centre === side ? "all the way" : "at the centre"),
                },
              ]),
          {
            ...{ piece: half, measure: "sideDown", of: change.spot, byMm: side },
            ...(side === 0 || centre === side ? {} : { cut: told(side, "at the side") }),
          },
        ],
      };
    }),
  );
};

/** What each half takes in its middle: of one side nothing, since that belongs to both; none where the side takes nothing either. */
function onOneSide(
  { side: of }: Pick<Change, "side">,
  halves: ReturnType<typeof onHalves>["halves"],
  side: number,
): ReturnType<typeof onHalves>["halves"] {
  if (of === "both") return halves;
  return halves.length < 2 || side === 0 ? [] : halves.map(({ half }) => ({ half, centre: 0 }));
}

/** True where a level is the upper edge of a piece: it moves with it. */
const isUpperEdge = (piece: Piece, level: string): boolean =>
  piece.levels[0]?.level === level && before(piece, "side")?.role === "waist";

/** The underarm goes up or down along the side seam, on every piece that is sewn there. */
function underarm(draft: Draft, downMm: number): Drawn {
  const pieces = draft.round
    .map((id) => pieceOf(draft, id))
    .filter(({ edges }) => edges.some(({ id }) => id === "side"));
  if (!pieces.some((piece) => before(piece, "side")?.role === "armhole"))
    return instead("By hand: none of these pieces has an armhole that meets a side seam. Redraw the curve there.");
  return together(
    pieces.map((piece) =>
      endMoved(piece, { edge: "side", end: "start", longerMm: -downMm, line: "armhole, where it meets the side seam" }),
    ),
  );
}

/** The garment's own upper edge, front and back by their own amounts at the centre, both by one at the side. */
function topEdge(draft: Draft, halves: ReturnType<typeof onHalves>["halves"], side: number): Drawn {
  if (halves.length === 0) return ENDS_IN_THE_MIDDLE;
  const all = halves.map(({ half, centre }): Drawn => {
    const piece = pieceOf(draft, half);
    if (before(piece, "side")?.role !== "waist")
      return instead("By hand: these pieces have no upper edge that meets the side seam. Redraw the curve there.");
    const middle = piece.edges.find(({ role }) => role.startsWith("centre"));
    const top = middle && upperEnd(middle);
    return together([
      ...(middle && top && centre !== 0
        ? [endMoved(piece, { edge: middle.id, end: top, longerMm: -centre, line: "upper edge, at the centre" })]
        : []),
      ...(side === 0
        ? []
        : [endMoved(piece, { edge: "side", end: "start", longerMm: -side, line: "upper edge, at the side" })]),
    ]);
  });
  return together(all);
}

/** The leg line of one half goes up or down where it meets the side: the side seam is shared, so it is moved in the middle of the leg. */
function legLine(piece: Piece, downMm: number): Drawn {
  const leg = piece.edges.find(({ id }) => id === "leg");
  if (!leg) return instead(`By hand: the ${piece.name.toLowerCase()} has no leg edge.`);
  const doing = downMm < 0 ? "raise" : "lower";
  return inTheMiddle(piece, leg, downMm, { line: MIDDLE_OF_LEG, doing, edges: 2 });
}

/** The edge before another on the way round. */
const before = ({ edges }: Piece, id: string): PieceEdge | undefined =>
  edges.at(edges.findIndex((edge) => edge.id === id) - 1);

/** Which end of a centre lies higher. */
const upperEnd = ({ lines }: PieceEdge): "start" | "end" =>
  (lines[0]?.from.y ?? 0) < (lines.at(-1)?.to.y ?? 0) ? "start" : "end";

interface EndMoved {
  readonly edge: string;
  readonly end: "start" | "end";
  /** Above 0 the edge gets longer: what meets it there goes up. */
  readonly longerMm: number;
  readonly line: string;
}

const endMoved = (piece: Piece, { edge, end, longerMm, line }: EndMoved): Drawn => ({
  calls: [call("moveEnd", { piece: piece.id, edge, end, amount: longerMm })],
  lands: [
    {
      ...{ piece: piece.id, measure: "edge", of: edge, byMm: longerMm },
      cut: { line, doing: longerMm < 0 ? "lower" : "raise" },
    },
  ],
});
