import { atCorners, builtPiece, clockwise, type Edge, outlineOfBuilt, seamLine } from "../../drafting/index.ts";
import { fail, ok, type Result } from "../../result.ts";
import type { WrapEdge } from "../../torso/index.ts";
import {
  lineId,
  MOST_LINES,
  MOST_OWN_EDGES,
  MOST_OWN_PIECES,
  type OwnEdge,
  type OwnOutline,
  type OwnPattern,
} from "./working.ts";

/** A piece as a file tells it. */
export interface FilePiece {
  readonly name: string;
  readonly count: number | null;
  /** The line it is cut along, and that it is sewn along, closed; empty where the file has none. */
  readonly boundary: readonly Edge[];
  readonly sewLine: readonly Edge[];
}

const EDGE: Omit<OwnEdge, "piece" | "edge" | "length" | "line"> = {
  ...{ finish: "seam", counts: "none", twice: false, seam: "", ease: null, allowance: null },
};

/**
 * A pattern with the pieces of a file beside what it has: a row an edge, parted at the corners, to be named.
 *
 * @param allowanceMm what the lines a file cuts along have outside the seam; 0 where they are its seam lines. A file that has both lines tells itself.
 * @returns it; or `piece-too-narrow`, `pattern-too-large`.
 */
export function takeInPieces(
  pattern: OwnPattern,
  pieces: readonly FilePiece[],
  allowanceMm: number,
): Result<OwnPattern> {
  let { edges, outlines } = pruned(pattern);
  for (const { name, count, boundary, sewLine } of pieces) {
    const seam = sewLine.length > 0 ? sewLine : allowanceMm > 0 ? seamLine(boundary, allowanceMm) : boundary;
    if (!seam)
      return fail(
        "piece-too-narrow",
        `Expected ${name} to be wider everywhere than two allowances of ${allowanceMm} mm, but it is not: is its line already the seam line?`,
      );
    const runs = atCorners(clockwise(seam));
    if (runs.some((run) => run.length > MOST_LINES))
      return fail(
        "piece-too-fine",
        `Expected edges of at most ${MOST_LINES} lines, but one of ${name} has more: draw it with fewer, longer ones.`,
      );
    const outline: OwnOutline = { id: freeId(outlines), count: count ?? 1, edges: runs };
    const piece = freeName(name.slice(0, LONGEST_NAME), edges);
    outlines = [...outlines, outline];
    edges = [
      ...edges,
      ...runs.map((_, at) => ({ ...EDGE, piece, edge: `edge ${at + 1}`, length: null, line: lineId(outline.id, at) })),
    ];
  }
  return withinLimits({ ...pattern, edges, outlines });
}

/**
 * A pattern with a piece built from its measured edges and lines across beside what it has: a row an edge.
 * @returns it; what {@link builtPiece} finds wrong; or `pattern-too-large`.
 */
export function takeInBuilt(
  pattern: OwnPattern,
  name: string,
  measured: NonNullable<OwnOutline["built"]>,
): Result<OwnPattern> {
  const piece = builtPiece(measured.edges, measured.diagonals);
  if (!piece.ok) return piece;
  const { edges, outlines } = pruned(pattern);
  const outline: OwnOutline = {
    id: freeId(outlines),
    count: 1,
    edges: outlineOfBuilt(piece.value).map((line) => [line]),
    built: measured,
  };
  const free = freeName(name.slice(0, LONGEST_NAME), edges);
  const rows = measured.edges.map((_, at) => ({
    ...{ ...EDGE, piece: free, edge: `edge ${at + 1}`, length: null, line: lineId(outline.id, at) },
  }));
  return withinLimits({ ...pattern, edges: [...edges, ...rows], outlines: [...outlines, outline] });
}

/** A pattern with the edges of a wrap that was laid flat beside what it has. @returns it, or `pattern-too-large`. */
export function takeInWrap(pattern: OwnPattern, wrap: readonly WrapEdge[]): Result<OwnPattern> {
  const { edges, outlines } = pruned(pattern);
  const taken = wrap.map(({ piece, lengthMm, counts, twice, seam }, at): OwnEdge => {
    const number = wrap.slice(0, at + 1).filter((one) => one.piece === piece).length;
    return { ...EDGE, piece, edge: `edge ${number}`, length: lengthMm, counts, twice, seam, line: "" };
  });
  const names = new Map([...new Set(taken.map(({ piece }) => piece))].map((name) => [name, freeName(name, edges)]));
  return withinLimits({
    ...pattern,
    edges: [...edges, ...taken.map((edge) => ({ ...edge, piece: names.get(edge.piece) ?? edge.piece }))],
    outlines,
  });
}

/** Room for a number behind a name that two pieces have. */
const LONGEST_NAME = 55;

/** Without outlines no row speaks of any more. */
const pruned = ({ edges, outlines }: OwnPattern): Pick<OwnPattern, "edges" | "outlines"> => ({
  edges,
  outlines: outlines.filter(({ id }) => edges.some(({ line }) => line.startsWith(`${id}.`))),
});

function withinLimits(pattern: OwnPattern): Result<OwnPattern> {
  const [edges, pieces] = [pattern.edges.length, pattern.outlines.length];
  return edges <= MOST_OWN_EDGES && pieces <= MOST_OWN_PIECES
    ? ok(pattern)
    : fail(
        "pattern-too-large",
        `Expected at most ${MOST_OWN_EDGES} edges and ${MOST_OWN_PIECES} pieces read in, but with these there are ${edges} and ${pieces}.`,
      );
}

const freeId = (outlines: readonly OwnOutline[]): string =>
  `p${1 + Math.max(0, ...outlines.map(({ id }) => Number(id.slice(1))))}`;

/** A name no piece has yet. */
function freeName(name: string, edges: readonly OwnEdge[]): string {
  const taken = new Set(edges.map(({ piece }) => piece));
  if (!taken.has(name)) return name;
  for (let number = 2; ; number += 1) if (!taken.has(`${name} ${number}`)) return `${name} ${number}`;
}
