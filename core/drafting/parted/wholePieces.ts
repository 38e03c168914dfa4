import type { Draft } from "../draft.ts";
import { backward, mirrored, type Point, point } from "../geometry/index.ts";
import {
  asCut,
  type BodySide,
  type CutPiece,
  edgeLength,
  type LevelLine,
  type Notch,
  type Piece,
  type PieceEdge,
} from "../piece/index.ts";
import { isParted } from "./halves.ts";

/** Drafts never change: what is laid on the cloth is put together once. */
const known = new WeakMap<Draft["pieces"], readonly CutPiece[]>();

/**
 * The pieces of a draft as they are cut: with their darts, and where left and right are told apart the two halves of a piece as one,
 * joined along the centre, its edges named by their side.
 */
export function wholePieces({ pieces }: Pick<Draft, "pieces">): readonly CutPiece[] {
  if (!isParted({ pieces })) return pieces.map(asCut);
  const before = known.get(pieces);
  if (before) return before;
  const whole = pieces.flatMap((piece) => wholeOf(piece, pieces));
  known.set(pieces, whole);
  return whole;
}

/** A place of a draft: a piece, perhaps an edge of it, perhaps where on it. */
interface DraftPlace {
  readonly piece?: string;
  readonly edge?: string;
  readonly at?: Point;
}

/** What is said of a place of a half, said of the place on the piece as it is cut. */
export function onWhole<Told extends DraftPlace>({ pieces }: Pick<Draft, "pieces">, told: Told): Told {
  const piece = pieces.find(({ id }) => id === told.piece);
  if (!piece?.half) return told;
  const { side, of } = piece.half;
  const at = told.at && side !== drawnSide(piece) ? { at: point(-told.at.x, told.at.y) } : {};
  if (!piece.onFold) return { ...told, ...at };
  return { ...told, ...at, piece: of, ...(told.edge === undefined ? {} : { edge: sided(told.edge, side) }) };
}

/** The side that lies to the right of the centre as a piece is seen from outside: the left of a front, the right of a back. */
const drawnSide = ({ edges }: Piece): BodySide => (edges.some(({ role }) => role === "centreBack") ? "right" : "left");

const sided = (edge: string, side: BodySide): string => `${edge} ${side}`;

function wholeOf(piece: Piece, pieces: readonly Piece[]): CutPiece[] {
  const { half } = piece;
  if (!half) return [asCut(piece)];
  const drawn = drawnSide(piece);
  if (!piece.onFold) return [half.side === drawn ? asCut(piece) : turned(asCut(piece))];
  if (half.side === "right") return [];
  const other = pieces.find((one) => one.half?.of === half.of && one.half.side === "right");
  if (!other) return [asCut(piece)];
  const [own, over] = drawn === "left" ? [piece, other] : [other, piece];
  return [joined(half.of, asCut(own), turned(asCut(over)), pieces)];
}

/** A piece on the other side of its centre, its edges still clockwise. */
function turned(piece: CutPiece): CutPiece {
  const at = ({ x, y }: Point) => point(-x, y);
  return {
    ...piece,
    edges: piece.edges.toReversed().map((edge) => ({ ...edge, lines: backward(edge.lines.map(mirrored)) })),
    levels: piece.levels.map(({ level, from, to }) => ({ level, from: at(from), to: at(to) })),
    grain: { from: at(piece.grain.from), to: at(piece.grain.to) },
    notches: piece.notches.map((notch) => ({ ...notch, mm: lengthOf(piece, notch) - notch.mm })),
    ...(piece.points ? { points: piece.points.map((one) => ({ ...one, at: at(one.at) })) } : {}),
    drawnDarts: piece.drawnDarts.map((dart) => ({
      ...dart,
      mouth: [at(dart.mouth[1]), at(dart.mouth[0])] as const,
      end: at(dart.end),
    })),
  };
}

const lengthOf = ({ edges }: Piece, { edge: id }: Notch): number => {
  const edge = edges.find((one) => one.id === id);
  return edge ? edgeLength(edge) : 0;
};

/** Two halves as one: first the edges of the one that is drawn, out from the centre at the top, then those of the other back up to it. */
function joined(id: string, own: CutPiece, over: CutPiece, pieces: readonly Piece[]): CutPiece {
  const named = (piece: CutPiece) => {
    const side = piece.half?.side ?? "left";
    return {
      edges: apartFromFold(piece).map(
        (edge): PieceEdge => ({
          ...edge,
          id: sided(edge.id, side),
          seam: edge.seam && wholeSeam(edge.seam, pieces),
        }),
      ),
      notches: piece.notches.map((notch) => ({ ...notch, edge: sided(notch.edge, side) })),
      points: (piece.points ?? []).map((one) => ({ ...one, id: sided(one.id, side) })),
      drawnDarts: piece.drawnDarts.map((one) => ({ ...one, id: sided(one.id, side) })),
      darts: (piece.darts ?? []).map((one) => ({
        ...{ ...one, id: sided(one.id, side), edge: sided(one.edge, side), into: sided(one.into, side) },
        point: sided(one.point, side),
      })),
    };
  };
  const [first, second] = [named(own), named(over)];
  const { half: _half, takenFrom, ...rest } = own;
  return {
    ...rest,
    id,
    onFold: false,
    edges: [...first.edges, ...second.edges],
    notches: [...first.notches, ...second.notches],
    points: [...first.points, ...second.points],
    darts: [...first.darts, ...second.darts],
    drawnDarts: [...first.drawnDarts, ...second.drawnDarts],
    levels: own.levels.flatMap((line) => acrossBoth(line, over.levels)),
    links: own.links.map((link) => pieces.find((one) => one.id === link)?.half?.of ?? link),
    ...(takenFrom ? { takenFrom: { ...takenFrom, piece: baseOf(takenFrom.piece, pieces) } } : {}),
  };
}

const baseOf = (id: string, pieces: readonly Piece[]): string => pieces.find((one) => one.id === id)?.half?.of ?? id;

/** A level from side to side. */
const acrossBoth = (line: LevelLine, others: readonly LevelLine[]): LevelLine[] => {
  const other = others.find(({ level }) => level === line.level);
  return other ? [{ level: line.level, from: other.to, to: line.to }] : [];
};

/** The edges of a half from the one after its fold on. */
function apartFromFold({ edges }: Piece): readonly PieceEdge[] {
  const at = edges.findIndex(({ finish }) => finish === "fold");
  return [...edges.slice(at + 1), ...edges.slice(0, Math.max(0, at))];
}

function wholeSeam(seam: NonNullable<PieceEdge["seam"]>, pieces: readonly Piece[]) {
  const partner = pieces.find(({ id }) => id === seam.piece);
  if (!partner?.half || !partner.onFold) return seam;
  return { ...seam, piece: partner.half.of, edge: sided(seam.edge, partner.half.side) };
}
