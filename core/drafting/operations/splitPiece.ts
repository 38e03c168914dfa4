import { type Static, Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import {
  between,
  crossings,
  curved,
  distance,
  type Edge,
  isWithin,
  lengthOfEdges,
  moved,
  type Point,
  partAlong,
  placeAlong,
  square,
  straight,
  times,
  unit,
  way,
} from "../geometry/index.ts";
import { edgeLength, grainDown, type Notch, outlineOf, type Piece, type PieceEdge } from "../piece/index.ts";
import { type StatedEdge, statedOf } from "../stated/index.ts";
import { operation } from "./operation.ts";
import { along, amount, gap, name } from "./params.ts";
import { pieceNamed } from "./pieces.ts";
import { edgeAt } from "./withEdge.ts";

const PARAMS = Type.Object(
  { piece: name(), edge: name(), at: along(), to: name(), toAt: along(), bow: amount(), allowance: gap() },
  { additionalProperties: false },
);

/** `split`: a piece of an own pattern cut in two, each half with the new seam. */
export const splitPiece = operation({
  id: "split",
  name: "Split a piece",
  about:
    "Cuts a piece of your own pattern in two from a place on one edge to a place on another; both edges of the new seam are bowed out by the same amount where the halves together are to be fuller, and are as long as each other.",
  params: PARAMS,
  apply(draft, asked) {
    const found = pieceNamed(draft, asked.piece);
    if (!found.ok) return found;
    const whole = found.value;
    const halves = halvesOf(draft, whole, asked);
    if (!halves.ok) return halves;
    const pieces = draft.pieces.flatMap((one) => (one === whole ? halves.value : [resewn(one, whole, halves.value)]));
    return ok({ ...draft, pieces, stated: statedOf(draft).flatMap((one) => restated(one, whole, halves.value)) });
  },
});

type Halves = readonly [Piece, Piece];

/** Parts of an edge shorter than this are none, mm. */
const CRUMB_MM = 0.5;

/** Where a cut meets the outline: on which edge in the order, and how far along it. */
interface Cut {
  readonly index: number;
  readonly mm: number;
  readonly place: Point;
}

function halvesOf(
  draft: Draft,
  piece: Piece,
  { edge, at, to, toAt, bow, allowance }: Static<typeof PARAMS>,
): Result<Halves> {
  if (!draft.stated || piece.levels.length > 0 || piece.half || (piece.darts ?? []).length > 0)
    return fail(
      "not-to-split",
      `Expected a piece of an own pattern, without a dart and the same on both sides, but ${piece.id} is not: split it first, then take the dart.`,
    );
  if (edge === to)
    return fail("one-edge", `Expected two edges of ${piece.id} to cut from and to, but got ${edge} twice.`);
  const [one, other] = [cutAt(piece, edge, at), cutAt(piece, to, toAt)];
  if (!one.ok) return one;
  if (!other.ok) return other;
  const [a, b] = one.value.index < other.value.index ? [one.value, other.value] : [other.value, one.value];
  const seam = newSeam(a.place, b.place, bow);
  if (!seam || leavesPiece(piece, a.place, b.place))
    return fail(
      "split-outside",
      `Expected a cut that stays within ${piece.id}, but from ${edge} to ${to} it leaves it.`,
    );
  const [first, second] = [`${piece.id} 1`, `${piece.id} 2`];
  const taken = [first, second].find((name) => draft.pieces.some(({ id }) => id === name));
  if (taken)
    return fail("name-there", `Expected no piece called ${taken}: the halves of ${piece.id} are to be called so.`);
  const id = freeEdge(piece);
  const half = (name: string, from: Cut, until: Cut, lines: readonly Edge[], sewnTo: string): Piece => {
    const sewn: PieceEdge = {
      ...{ id, role: "own", finish: "seam", allowanceMm: allowance, lines },
      seam: { piece: sewnTo, edge: id, easeMm: 0 },
    };
    const edges = [...edgesBetween(piece, from, until), sewn];
    return withoutFold({
      ...piece,
      ...{ id: name, name, edges, grain: grainDown({ edges }), notches: notchesBetween(piece, from, until) },
      points: (piece.points ?? []).filter(({ at: place }) => isWithin(outlineOf({ edges }), place)),
    });
  };
  return ok([half(first, a, b, seam.back, second), half(second, b, a, seam.out, first)]);
}

function cutAt(piece: Piece, id: string, mm: number): Result<Cut> {
  const found = edgeAt(piece, id);
  if (!found.ok) return found;
  const place = placeAlong(found.value.lines, mm);
  const whole = lengthOfEdges(found.value.lines);
  return place && mm <= whole
    ? ok({ index: piece.edges.indexOf(found.value), mm, place })
    : fail(
        "marks-outside",
        `Expected a place on ${id} of ${piece.id}, 0 to ${whole.toFixed(0)} mm along it, but got ${mm.toFixed(0)} mm.`,
      );
}

/** How many edges on from one cut another lies, round the piece. */
const stepsBetween = ({ edges }: Piece, from: number, until: number): number =>
  (until - from + edges.length) % edges.length;

/** Edges from one cut to another, what is cut through in its part. */
function edgesBetween(piece: Piece, from: Cut, until: Cut): PieceEdge[] {
  const last = stepsBetween(piece, from.index, until.index);
  return [...piece.edges.slice(from.index), ...piece.edges.slice(0, from.index)]
    .slice(0, last + 1)
    .flatMap((edge, step) => {
      const whole = edgeLength(edge);
      const [begins, ends] = [step === 0 ? from.mm : 0, step === last ? until.mm : whole];
      if (ends - begins < CRUMB_MM) return [];
      if (begins === 0 && ends === whole) return [edge];
      // What was cut through has two parts: no one edge meets its partner any more.
      return [{ ...edge, seam: null, lines: partAlong(edge.lines, begins, ends) }];
    });
}

/** Notches of the edges between two cuts, at what their places are there. */
function notchesBetween(piece: Piece, from: Cut, until: Cut): Notch[] {
  const last = stepsBetween(piece, from.index, until.index);
  return piece.notches.flatMap((notch) => {
    const index = piece.edges.findIndex(({ id }) => id === notch.edge);
    const step = stepsBetween(piece, from.index, index);
    if (step > last || (step === 0 && notch.mm <= from.mm) || (step === last && notch.mm >= until.mm)) return [];
    return [step === 0 ? { ...notch, mm: notch.mm - from.mm } : notch];
  });
}

/** The cut from one place to the other and back, each bowed to its own left: outward of the half it closes. */
function newSeam(from: Point, to: Point, bow: number): { readonly out: Edge[]; readonly back: Edge[] } | null {
  const toward = unit(way(from, to));
  if (!toward) return null;
  if (bow === 0) return { out: [straight(from, to)], back: [straight(to, from)] };
  // A cubic whose handles stand off by h bows by three quarters of it.
  const left = times(square(toward), -bow / 0.75);
  const third = times(toward, distance(from, to) / 3);
  const [leave, arrive] = [moved(from, third), moved(to, third, -1)];
  return {
    out: [curved(from, moved(leave, left), moved(arrive, left), to)],
    back: [curved(to, moved(arrive, left, -1), moved(leave, left, -1), from)],
  };
}

/** True where a straight cut meets the outline between its ends. */
function leavesPiece(piece: Piece, from: Point, to: Point): boolean {
  const outline = outlineOf(piece);
  const meets = outline.some((line) =>
    crossings(straight(from, to), line).some(({ at }) => distance(at, from) > CRUMB_MM && distance(at, to) > CRUMB_MM),
  );
  return meets || !isWithin(outline, between(from, to, 0.5));
}

/** A half that has no edge on the fold is cut once for each side. */
const withoutFold = (half: Piece): Piece =>
  half.onFold && !half.edges.some(({ finish }) => finish === "fold")
    ? { ...half, onFold: false, count: 2 * half.count, mirrored: true }
    : half;

/** A name no edge of the piece has. */
function freeEdge({ edges }: Piece): string {
  for (let number = 1; ; number += 1) {
    const id = number === 1 ? "split" : `split ${number}`;
    if (!edges.some((edge) => edge.id === id)) return id;
  }
}

/** The halves that have an edge, or a part of it. */
const holdersOf = (edge: string, halves: Halves): Piece[] =>
  halves.filter(({ edges }) => edges.some(({ id }) => id === edge));

/** Another piece, its seams with the halves: an edge that was cut is no partner any more. */
const resewn = (piece: Piece, whole: Piece, halves: Halves): Piece => ({
  ...piece,
  edges: piece.edges.map((edge) => {
    const { seam } = edge;
    if (seam?.piece !== whole.id) return edge;
    const [holder, other] = holdersOf(seam.edge, halves);
    return { ...edge, seam: holder && !other ? { ...seam, piece: holder.id } : null };
  }),
});

/** A stated edge of a piece that was split: of the half that has it, or a part of it on each. */
function restated(edge: StatedEdge, whole: Piece, halves: Halves): StatedEdge[] {
  if (edge.piece !== whole.id || edge.lengthMm !== null) return [edge];
  return holdersOf(edge.edge, halves).map(({ id }, at) => ({
    ...{ ...edge, piece: id, partOf: edge.partOf ?? whole.id },
    // What is eased in is told once.
    easeMm: at === 0 ? edge.easeMm : 0,
  }));
}
