import { type Static, Type } from "typebox";
import {
  type CheckAnswer,
  type CutPiece,
  checkDraft,
  closedPath,
  cutLine,
  type Draft,
  edgeLength,
  girthsOf,
  levelWidth,
  type OperationReport,
  onWhole,
  type PieceEdge,
  type Point,
  pathData,
  statedLength,
  wholePieces,
} from "../../core/drafting/index.ts";

const place = () => Type.Object({ x: Type.Number(), y: Type.Number() });

const EDGE = Type.Object({
  id: Type.String(),
  role: Type.String(),
  finish: Type.String(),
  allowance: Type.Number({ minimum: 0 }),
  path: Type.String(),
  length: Type.Number({ minimum: 0 }),
  seam: Type.Optional(Type.Object({ piece: Type.String(), edge: Type.String(), ease: Type.Number() })),
});

const PIECE = Type.Object({
  id: Type.String(),
  name: Type.String(),
  count: Type.Integer({ minimum: 1 }),
  onFold: Type.Boolean(),
  mirrored: Type.Boolean(),
  role: Type.String(),
  edges: Type.Array(EDGE),
  cut: Type.String(),
  levels: Type.Array(Type.Object({ level: Type.String(), width: Type.Number() })),
  grain: Type.Object({ from: place(), to: place() }),
  notches: Type.Array(Type.Object({ edge: Type.String(), along: Type.Number() })),
  links: Type.Array(Type.String()),
  points: Type.Array(Type.Object({ id: Type.String(), at: place() })),
  darts: Type.Array(
    Type.Object({ id: Type.String(), mouth: Type.Array(place()), end: place(), width: Type.Number({ minimum: 0 }) }),
  ),
});

/** Pieces as a file: mm, paths as SVG path data, seam lines in order round a piece, y down. */
export const DRAFT_JSON = Type.Object({
  format: Type.Literal("stenz.draft"),
  version: Type.Literal(1),
  unit: Type.Literal("mm"),
  recipe: Type.String(),
  pieces: Type.Array(PIECE),
  stated: Type.Optional(
    Type.Array(
      Type.Object({
        piece: Type.String(),
        edge: Type.String(),
        length: Type.Number({ minimum: 0 }),
        counts: Type.String(),
        times: Type.Integer({ minimum: 1 }),
        seam: Type.String(),
        ease: Type.Number(),
      }),
    ),
  ),
  girths: Type.Record(Type.String(), Type.Object({ planned: Type.Number(), pieces: Type.Number() })),
  openLevels: Type.Array(Type.String()),
  numbers: Type.Array(
    Type.Object({
      id: Type.String(),
      title: Type.String(),
      formula: Type.String(),
      terms: Type.Array(
        Type.Object({ symbol: Type.String(), meaning: Type.String(), value: Type.Number(), source: Type.String() }),
      ),
      value: Type.Number(),
      notes: Type.Array(Type.String()),
    }),
  ),
  checks: Type.Array(
    Type.Object({
      id: Type.String(),
      ok: Type.Boolean(),
      message: Type.String(),
      piece: Type.Optional(Type.String()),
      edge: Type.Optional(Type.String()),
      at: Type.Optional(place()),
    }),
  ),
  changes: Type.Array(
    Type.Object({
      operation: Type.String(),
      edges: Type.Array(
        Type.Object({ piece: Type.String(), edge: Type.String(), before: Type.Number(), after: Type.Number() }),
      ),
      girths: Type.Array(Type.Object({ level: Type.String(), before: Type.Number(), after: Type.Number() })),
    }),
  ),
  notes: Type.Array(Type.String()),
});

/** Pieces as a file. */
export type DraftJson = Static<typeof DRAFT_JSON>;

/** Lengths are written to this many decimals, mm. */
const DECIMALS = 4;
const written = (mm: number): number => Number(mm.toFixed(DECIMALS)) + 0;
const at = ({ x, y }: Point) => ({ x: written(x), y: written(y) });

/**
 * A draft with all its checks, as it is written to a file.
 * @param reports what the operations changed that are in it, in their order.
 */
export function draftJson(draft: Draft, reports: readonly OperationReport[] = []): DraftJson {
  const { girths, openLevels } = girthsOf(draft);
  return {
    format: "stenz.draft",
    version: 1,
    unit: "mm",
    recipe: draft.recipe,
    pieces: wholePieces(draft).map(pieceJson),
    ...(draft.stated
      ? {
          stated: draft.stated.map((one) => ({
            ...{ piece: one.piece, edge: one.edge, length: written(statedLength(draft, one)) },
            ...{ counts: one.counts, times: one.times, seam: one.seam, ease: one.easeMm },
          })),
        }
      : {}),
    girths: Object.fromEntries(
      girths.map(({ level, plannedMm, piecesMm }) => [
        level,
        { planned: written(plannedMm), pieces: written(piecesMm) },
      ]),
    ),
    openLevels: [...openLevels],
    numbers: draft.numbers.map(({ id, explanation: { title, formula, terms, result, notes } }) => ({
      id,
      title,
      formula,
      terms: terms.map(({ symbol, meaning, value, source }) => ({ symbol, meaning, value, source })),
      value: result.value,
      notes: [...notes],
    })),
    checks: checkDraft(draft).map((check) => checkJson(draft, check)),
    changes: reports.map(({ operation, edges, girths: levels }) => ({
      operation,
      edges: edges.map(({ beforeMm, afterMm, ...edge }) => ({ ...edge, ...change(beforeMm, afterMm) })),
      girths: levels.map(({ beforeMm, afterMm, ...level }) => ({ ...level, ...change(beforeMm, afterMm) })),
    })),
    notes: [...draft.notes],
  };
}

function checkJson(draft: Draft, check: CheckAnswer): DraftJson["checks"][number] {
  const { at: where, ...told } = onWhole(draft, check);
  return { ...told, ...(where ? { at: at(where) } : {}) };
}

const change = (beforeMm: number, afterMm: number) => ({ before: written(beforeMm), after: written(afterMm) });

function pieceJson(piece: CutPiece): DraftJson["pieces"][number] {
  return {
    id: piece.id,
    name: piece.name,
    count: piece.count,
    onFold: piece.onFold,
    mirrored: piece.mirrored,
    role: piece.role,
    edges: piece.edges.map(edgeJson),
    cut: closedPath(cutLine(piece)),
    levels: piece.levels.map((line) => ({ level: line.level, width: written(levelWidth(line)) })),
    grain: { from: at(piece.grain.from), to: at(piece.grain.to) },
    notches: piece.notches.map(({ edge, mm }) => ({ edge, along: written(mm) })),
    links: [...piece.links],
    points: (piece.points ?? []).map((one) => ({ id: one.id, at: at(one.at) })),
    darts: piece.drawnDarts.map(({ id, mouth: [from, to], end, widthMm }) => ({
      id,
      mouth: [at(from), at(to)],
      end: at(end),
      width: written(widthMm),
    })),
  };
}

const edgeJson = (edge: PieceEdge): DraftJson["pieces"][number]["edges"][number] => ({
  id: edge.id,
  role: edge.role,
  finish: edge.finish,
  allowance: edge.allowanceMm,
  path: pathData(edge.lines),
  length: written(edgeLength(edge)),
  ...(edge.seam ? { seam: { piece: edge.seam.piece, edge: edge.seam.edge, ease: edge.seam.easeMm } } : {}),
});
