import type { CutCloth } from "../calculation/index.ts";
import { LAYER_ROLE_NAMES, STABLE_BELOW } from "../cloth/index.ts";
import {
  type ClothRole,
  type CutPiece,
  type Draft,
  edgeWords,
  outlineOf,
  type PieceEdge,
  statedOf,
  wholePieces,
} from "../drafting/index.ts";
import { clothFor } from "../pieces/index.ts";
import type { BroughtPiece, PartOption } from "./decision.ts";

/** One piece to cut. */
export interface PieceRow {
  /** Stable: its set and its own name. */
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** On the fold, half turned over, or as it is. */
  readonly how: string;
  readonly role: ClothRole;
  /** Which cloth, which way round the body. */
  readonly cloth: string;
  /** Allowances, edge by edge: those alike together. */
  readonly allowances: string;
  /** Pieces that change with it. */
  readonly links: readonly string[];
  /** What its cloth's tests say against the way it lies. */
  readonly advice: readonly string[];
  /** False where no outline is drawn. */
  readonly drawn: boolean;
  /** True for a piece of a bought pattern: the maker ticks it to a part. */
  readonly own: boolean;
  /** Why it is not cut with the parts that were chosen; null where it is. */
  readonly apart: string | null;
}

/** Every piece to cut: those that are drawn or stated, then those an option brings. */
export function pieceRows(
  sets: readonly { readonly id: string; readonly draft: Draft }[],
  options: readonly PartOption[],
  cloths: readonly CutCloth[],
): PieceRow[] {
  const has = cloths.map(({ role }) => role);
  const clothOf: ClothOf = (piece) => {
    const { role } = piece;
    const from = clothFor(piece, has);
    const cloth = cloths.find((one) => one.role === from);
    return {
      cloth: cloth
        ? `${from === piece.part ? LAYER_ROLE_NAMES[from] : role}, ${cloth.name}, ${cloth.direction} round the body`
        : role,
      advice: cloth ? [...cloth.advice, ...(piece.part === "frame" ? frameAdvice(cloth) : [])] : [],
    };
  };
  const drawn = sets.flatMap(({ id, draft }) => {
    const names = new Map(draft.pieces.map((piece) => [piece.id, piece.name]));
    return [
      ...wholePieces(draft).map((piece) => drawnRow(id, piece, (other) => names.get(other) ?? other, clothOf)),
      ...statedRows(id, draft, clothOf),
    ];
  });
  const twice = (row: PieceRow) => drawn.some((other) => other !== row && other.name === row.name);
  const named = drawn.map((row) => (twice(row) && row.own ? { ...row, name: `${row.name}, own pattern` } : row));
  const isNamed = (name: string) => drawn.some((row) => row.name.toLowerCase() === name.toLowerCase());
  // A recipe that was asked for a lining draws it piece by piece, under the names of its own pieces.
  const isDrawn = ({ sets: asks = {} }: PartOption, { role }: BroughtPiece) =>
    sets.some(
      ({ id, draft }) =>
        id in asks && draft.pieces.some((piece) => piece.takenFrom?.kind === "whole" && piece.role === role),
    );
  const brought = options
    .flatMap((option) => (option.brings ?? []).filter((piece) => !isNamed(piece.name) && !isDrawn(option, piece)))
    .map(
      ({ name, count, role, how }): PieceRow => ({
        ...{ id: `brought/${name}`, name, count, how, role, ...clothOf({ role }) },
        ...{ allowances: "as its edges", links: [], drawn: false, own: false, apart: null },
      }),
    );
  return [...named, ...brought];
}

/** Bridge and cradles are drawn as what does not stretch: told where their cloth does. */
const frameAdvice = ({ name, usable }: CutCloth): string[] =>
  usable !== null && usable >= STABLE_BELOW
    ? [
        `Bridge and cradle carry the cups and are drawn as what does not stretch, but “${name}” gives ${Math.round(usable * 100)} %: name a stable cloth for them at Cloth, or line them with one.`,
      ]
    : [];

const isOwn = (set: string): boolean => set === "ownPieces";

type ClothOf = (piece: Pick<CutPiece, "role" | "part">) => Pick<PieceRow, "cloth" | "advice">;

const drawnRow = (set: string, piece: CutPiece, called: (id: string) => string, clothOf: ClothOf): PieceRow => ({
  ...{ id: `${set}/${piece.id}`, name: piece.name, count: piece.count, role: piece.role },
  how: piece.onFold ? "on the fold" : piece.mirrored ? "half turned over" : "as it is",
  ...clothOf(piece),
  allowances: allowanceWords(piece.edges),
  links: piece.links.map(called),
  ...{ drawn: outlineOf(piece).length > 0, own: isOwn(set), apart: null },
});

/** Pieces of a pattern of which edges alone are told. */
function statedRows(set: string, draft: Draft, clothOf: ClothOf): PieceRow[] {
  const names = new Set(statedOf(draft).map(({ piece }) => piece));
  const known = new Set(draft.pieces.flatMap(({ id, name }) => [id, name]));
  return [...names]
    .filter((name) => !known.has(name))
    .map((name) => ({
      ...{
        id: `${set}/${name}`,
        name,
        count: 1,
        how: "as the pattern says",
        role: "shell" as const,
        ...clothOf({ role: "shell" }),
      },
      ...{ allowances: "as the pattern has them", links: [], drawn: false, own: isOwn(set), apart: null },
    }));
}

/** Allowances in words: `10 mm at neckline and armhole, 6 mm at side`. */
function allowanceWords(edges: readonly PieceEdge[]): string {
  const byMm = new Map<number, string[]>();
  for (const { role, id, finish, allowanceMm } of edges) {
    if (finish === "fold" || role === "dart") continue;
    const mm = Math.round(allowanceMm * 10) / 10;
    byMm.set(mm, [...new Set([...(byMm.get(mm) ?? []), edgeWords(id)])]);
  }
  return [...byMm].map(([mm, names]) => `${mm === 0 ? "none" : `${mm} mm`} at ${names.join(", ")}`).join("; ");
}
