import {
  call,
  type Draft,
  lengthNearest,
  lengthOfEdges,
  type Piece,
  type PlannedLevel,
  pieceOf,
  sidesOf,
  timesRound,
} from "../../drafting/index.ts";
import { ZONE_NAMES, ZONES, type Zone } from "../../ease/index.ts";
import type { Landing } from "../landing.ts";
import { type Drawn, type DrawRule, instead, NO_AMOUNT, together } from "./rule.ts";
import { solvedBy } from "./solved.ts";

/** A change of girth runs out to nothing over this, mm, or at the next zones. */
export const BLEND_MM = 80;

/**
 * A girth is changed at the side seams, every edge by its share, at its level. Where the garment ends before that level, all of it is taken
 * where it ends: an upper edge that lies lower than the waist is the edge the waist was read at. A leg is changed at the lower end of the side.
 */
export const drawGirth: DrawRule = (change, draft) => {
  const { zone, amountMm } = change;
  if (amountMm === null) return NO_AMOUNT;
  if (zone === "leg") return legGirth(draft, amountMm);
  if (change.spot === "topEdge") return atEnd(draft, "start", amountMm);
  const level = draft.levels.find((one) => one.level === zone);
  const beyond = level ? null : beyondDrawn(draft, zone);
  if (beyond) return atEnd(draft, beyond, amountMm);
  if (!level)
    return instead(
      `By hand: no ${nameOf(zone)} is drawn on these pieces. Take or give a quarter of the change at each edge of both side seams where it was read, to nothing over 80 mm.`,
    );
  return atLevel(draft, level, amountMm);
};

/** The end of the side that a zone lies past, which none of the pieces has a level of; null for one between two that they have. */
function beyondDrawn({ levels, round }: Draft, zone: Zone): "start" | "end" | null {
  const at = ZONES.indexOf(zone);
  const drawn = levels.map(({ level }) => ZONES.indexOf(level as Zone)).filter((index) => index !== -1);
  if (round.length === 0 || drawn.length === 0) return null;
  // Only the next zone: what lies further off is no part of these pieces.
  if (at === Math.min(...drawn) - 1) return "start";
  return at === Math.max(...drawn) + 1 ? "end" : null;
}

const nameOf = (zone: Zone): string => ZONE_NAMES[zone].toLowerCase();

/** How a change of one edge is told. */
export const girthDoing = (byMm: number) => (byMm < 0 ? "takeIn" : "letOut");

/** A girth at a level, shared by every side edge; where the level lies past an end of the side, at that end. */
function atLevel(draft: Draft, level: PlannedLevel, amountMm: number): Drawn {
  const { pieces, byMm } = sharedBy(draft, amountMm);
  const missing = pieces.filter((piece) => !piece.levels.some((line) => line.level === level.level));
  if (missing.length === 0)
    return {
      calls: [call("girth", { level: level.level, amount: amountMm, blend: BLEND_MM })],
      lands: pieces.map((piece) =>
        widthLanding(piece, level.level, byMm, `side seam at the ${nameOf(level.level as Zone)}`),
      ),
    };
  return atEnd(draft, endFor(draft, level), amountMm);
}

/** What goes round, and what each edge of a side seam takes of a change. */
function sharedBy(draft: Draft, amountMm: number): { readonly pieces: readonly Piece[]; readonly byMm: number } {
  const edges = draft.round.flatMap((id) => sidesOf(draft, id)).reduce((sum, piece) => sum + timesRound(piece), 0);
  return { pieces: draft.round.map((id) => pieceOf(draft, id)), byMm: amountMm / edges };
}

/** A girth where the garment ends, above or below, shared by every side edge there. */
function atEnd(draft: Draft, end: "start" | "end", amountMm: number): Drawn {
  const { pieces, byMm } = sharedBy(draft, amountMm);
  const there = end === "start" ? "at its upper end" : "at its lower end";
  return together(
    pieces.map((piece) => {
      const landing =
        end === "start" ? topLanding(piece, byMm, there) : sideEndLanding(piece, end, byMm, `side seam, ${there}`);
      return solvedBy({
        draft,
        landing,
        callOf: (amount) => sideEndCall(piece, end, amount),
        byHand: `By hand: ${byMm < 0 ? "take in" : "let out"} the side seam of the ${piece.name.toLowerCase()} ${there}, to nothing over 80 mm.`,
      });
    }),
  );
}

const widthLanding = (piece: Piece, level: string, byMm: number, line: string): Landing => ({
  ...{ piece: piece.id, measure: "width", of: level, byMm },
  cut: { line, doing: girthDoing(byMm), edges: timesRound(piece) },
});

const sideEndLanding = (piece: Piece, end: "start" | "end", byMm: number, line: string): Landing =>
  widthLanding(piece, `side.${end}`, byMm, line);

/** An upper edge is as long as the girth there: it is that which was pinched. A piece without one is as wide as its side begins. */
function topLanding(piece: Piece, byMm: number, there: string): Landing {
  const top = topEdgeOf(piece);
  if (!top) return sideEndLanding(piece, "start", byMm, `side seam, ${there}`);
  return {
    ...{ piece: piece.id, measure: "edge", of: top, byMm },
    cut: { line: `side seam, ${there}`, doing: girthDoing(byMm), edges: timesRound(piece) },
  };
}

/** The waist edge of a piece, which meets its side; null where the side begins at an armhole. */
function topEdgeOf({ edges }: Piece): string | null {
  const at = edges.findIndex(({ id }) => id === "side");
  const before = edges[at - 1];
  return before?.role === "waist" ? before.id : null;
}

/** Which end of the side a level lies past. */
function endFor(draft: Draft, { level, past }: PlannedLevel): "start" | "end" {
  if (past) return past.end;
  // A level that only some pieces have is cut off where their armhole, or their leg, lies.
  const ids = draft.levels.map((one) => one.level);
  const drawn = ids.filter((id) =>
    draft.round.every((piece) => pieceOf(draft, piece).levels.some((line) => line.level === id)),
  );
  const [first] = drawn;
  return first !== undefined && ids.indexOf(level) > ids.indexOf(first) ? "end" : "start";
}

/** A side let out at one of its ends, to nothing at the next level or over the blend. */
function sideEndCall(piece: Piece, end: "start" | "end", amount: number) {
  const lines = piece.edges.find(({ id }) => id === "side")?.lines ?? [];
  const whole = lengthOfEdges(lines);
  const marks = piece.levels.map(({ to }) => lengthNearest(lines, to)).toSorted((a, b) => a - b);
  const next = end === "start" ? marks.find((mm) => mm > NEXT_MM) : marks.findLast((mm) => mm < whole - NEXT_MM);
  const room = next === undefined ? whole : end === "start" ? next : whole - next;
  return call("letOutEnd", { piece: piece.id, edge: "side", end, amount, blend: Math.min(BLEND_MM, room) });
}

/** A level as near as this to an end of the side is where the change lies, mm. */
const NEXT_MM = 5;

/** A leg has one seam, at the side: each of its two edges takes a half, and the leg edge comes to it. */
function legGirth(draft: Draft, amountMm: number): Drawn {
  const pieces = draft.round
    .map((id) => pieceOf(draft, id))
    .filter(({ edges }) => edges.some(({ id }) => id === "leg"));
  if (pieces.length === 0) return instead("By hand: these pieces have no leg edge. Change it where the leg is cut.");
  return together(pieces.map((piece) => legEdgeBy(draft, piece, amountMm / pieces.length)));
}

/** The leg edge of one piece longer or shorter by an amount, at the lower end of its side seam. */
export const legEdgeBy = (draft: Draft, piece: Piece, byMm: number): Drawn =>
  solvedBy({
    draft,
    landing: {
      ...{ piece: piece.id, measure: "edge", of: "leg", byMm },
      cut: {
        line: "side seam at the leg, to nothing at the next level",
        doing: girthDoing(byMm),
        edges: timesRound(piece),
      },
    },
    callOf: (amount) => sideEndCall(piece, "end", amount),
    byHand: `By hand: ${byMm < 0 ? "take in" : "let out"} the side seam of the ${piece.name.toLowerCase()} at the leg, to nothing at the next level.`,
  });
