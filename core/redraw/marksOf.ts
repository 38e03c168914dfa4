import { distance, edgeLength, levelWidth, type Piece, type Point, placeAlong } from "../drafting/index.ts";

/** Where a redrawn piece differs from the one before, and by how much. mm */
export interface MovedMark {
  /** `level waist` or `edge leg`. */
  readonly id: string;
  readonly from: Point;
  readonly to: Point;
  /** At a level by how much the drawn width grew; along an edge how far it moved, never below 0. */
  readonly mm: number;
}

/** Less than this is not marked, mm. */
const TOLD_MM = 0.5;

/** An edge is looked at in so many places between its ends. */
const LOOKS = 12;

/** A mark this near to one that is told already tells nothing new, mm. */
const NEAR_MM = 30;

/**
 * The amounts a piece was changed by, each at its place: at every level whose width changed, and where an edge moved most.
 * @param old the piece before; marks come from its outline.
 */
export function marksOf(old: Piece, now: Piece): MovedMark[] {
  const marks = levelMarks(old, now);
  // A seam that a dart opens in is no longer one edge: the dart itself shows what became of it.
  const opened = new Set((now.darts ?? []).map(({ into }) => into));
  for (const edge of now.edges) {
    const before = old.edges.find(({ id }) => id === edge.id);
    if (!before || edge.finish === "fold" || opened.has(edge.id)) continue;
    const [oldMm, nowMm] = [edgeLength(before), edgeLength(edge)];
    const looks = Array.from({ length: LOOKS + 1 }, (_, look) => look / LOOKS);
    const farthest = looks
      .flatMap((part): MovedMark[] => {
        const [from, to] = [placeAlong(before.lines, part * oldMm), placeAlong(edge.lines, part * nowMm)];
        return from && to ? [{ id: `edge ${edge.id}`, from, to, mm: distance(from, to) }] : [];
      })
      .reduce<MovedMark | null>((most, one) => (most && most.mm >= one.mm ? most : one), null);
    if (farthest && farthest.mm >= TOLD_MM && marks.every(({ to }) => distance(to, farthest.to) > NEAR_MM))
      marks.push(farthest);
  }
  return marks;
}

const levelMarks = (old: Piece, now: Piece): MovedMark[] =>
  now.levels.flatMap((line) => {
    const before = old.levels.find(({ level }) => level === line.level);
    const mm = before ? levelWidth(line) - levelWidth(before) : 0;
    return before && Math.abs(mm) >= TOLD_MM ? [{ id: `level ${line.level}`, from: before.to, to: line.to, mm }] : [];
  });
