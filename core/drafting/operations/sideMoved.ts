import { fail, type Result } from "../../result.ts";
import type { PlannedLevel } from "../draft.ts";
import { lengthNearest } from "../geometry/index.ts";
import { edgeLength, levelWidth, type Piece } from "../piece/index.ts";
import { letOutReaching } from "./letOut.ts";
import { withEdge } from "./withEdge.ts";

/** How a side is moved at a level. mm */
export interface SideMove {
  readonly level: PlannedLevel;
  /** By how much the drawn width of the piece changes there, signed. */
  readonly byMm: number;
  /** Runs out to nothing over this, or at the next level where that is nearer. */
  readonly blendMm: number;
}

/** Widths are met to this, mm; so often the amount is bettered before a side counts as too crooked to meet it. */
const [MET_MM, TRIES] = [1e-4, 8];

/**
 * A piece taken in or let out at its side so that its width at a level changes by just so much: what is moved square to a
 * leaning side is a little more. A level past the end of the side moves what of its blend reaches it.
 *
 * @returns it; `no-side`; `past-the-side` where nothing of it reaches the piece; or what letting out says.
 */
export function sideMoved(piece: Piece, { level, byMm, blendMm }: SideMove): Result<Piece> {
  const side = piece.edges.find(({ id }) => id === "side");
  if (!side) return fail("no-side", `Expected a side seam on ${piece.id} to take girth at, but it has none.`);
  const whole = edgeLength(side);
  const marks = piece.levels.map(({ level: id, to }) => ({ id, mm: lengthNearest(side.lines, to) }));
  const own = marks.find(({ id }) => id === level.level)?.mm ?? pastMark(level, whole);
  if (own === null) return fail("unknown-level", `Expected ${level.level} to be a level of ${piece.id}.`);
  const others = marks.filter(({ id }) => id !== level.level).map(({ mm }) => mm);
  const blend = {
    ...{ fullFromMm: own, fullToMm: own },
    beforeMm: runsOut(own, [...others.filter((mm) => mm < own)].at(-1), own, blendMm),
    afterMm: runsOut(
      own,
      others.find((mm) => mm > own),
      whole - own,
      blendMm,
    ),
  };
  if (own > whole && own - whole >= blend.beforeMm)
    return fail(
      "past-the-side",
      `Expected the ${level.level} within ${blend.beforeMm.toFixed(0)} mm of the side of ${piece.id}, but it lies ${(own - whole).toFixed(0)} mm past it.`,
    );
  const moved = (amountMm: number) => withEdge(piece, "side", (lines) => letOutReaching(lines, { ...blend, amountMm }));
  return own < 0 || own > whole ? moved(byMm) : met(piece, level.level, byMm, moved);
}

/** Where a level past the side lies along it: below 0, or past its length; null for a level that is on no side. */
const pastMark = ({ past }: PlannedLevel, whole: number): number | null =>
  past ? (past.end === "start" ? -past.mm : whole + past.mm) : null;

/** How far a blend goes to one side of its mark: to the next level, or as far as told; none at the very end of the side. */
function runsOut(own: number, next: number | undefined, room: number, blendMm: number): number {
  if (next !== undefined) return Math.min(blendMm, Math.abs(own - next));
  return room <= MET_MM ? 0 : blendMm;
}

/** Betters the amount until the width changes by what was asked (the secant method: it is nearly a straight line). */
function met(piece: Piece, level: string, byMm: number, moved: (amountMm: number) => Result<Piece>): Result<Piece> {
  const widthOf = (one: Piece) => one.levels.filter((line) => line.level === level).map(levelWidth)[0];
  const before = widthOf(piece) ?? 0;
  let [last, amount] = [{ amount: 0, off: -byMm }, byMm];
  for (let turn = 0; turn < TRIES; turn += 1) {
    const drawn = moved(amount);
    if (!drawn.ok) return drawn;
    const width = widthOf(drawn.value);
    if (width === undefined) break;
    const off = width - before - byMm;
    if (Math.abs(off) <= MET_MM) return drawn;
    if (off === last.off) break;
    const next = amount - (off * (amount - last.amount)) / (off - last.off);
    last = { amount, off };
    amount = next;
  }
  return fail(
    "width-not-met",
    `Expected ${piece.id} to change by ${byMm.toFixed(1)} mm at ${level}, but its side bends too much there.`,
  );
}
