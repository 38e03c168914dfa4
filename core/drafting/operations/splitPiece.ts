import { type Static, Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import {
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
  point,
  square,
  straight,
  times,
  unit,
  way,
} from "../geometry/index.ts";
import { boxOfEdges, type Notch, outlineOf, type Piece, type PieceEdge } from "../piece/index.ts";
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
    const halves = halvesOf(draft, found.value, asked);
    if (!halves.ok) return halves;
    const parts = halves.value;
    const pieces = draft.pieces.flatMap((one) =>
      one === found.value ? parts : [{ ...one, edges: resewn(one, parts) }],
    );
    return ok({ ...draft, pieces, stated: statedOf(draft).flatMap((one) => restated(one, asked.piece, parts)) });

    /** Seams of other pieces go to the half that has their edge; an edge that was cut is no partner any more. */
    function resewn({ edges }: Piece, [first, second]: readonly [Piece, Piece]): PieceEdge[] {
      return edges.map((edge) => {
        if (edge.seam?.piece !== asked.piece) return edge;
        const { seam } = edge;
        const holders = [first, second].filter((half) => half.edges.some(({ id }) => id === seam.edge));
        const [holder, other] = holders;
        return { ...edge, seam: holder && !other ? { ...seam, piece: holder.id } : null };
      });
    }
  },
});

/** Parts of an edge shorter than this are none, mm. */
const CRUMB_MM = 0.5;

function halvesOf(
  draft: Draft,
  piece: Piece,
  { edge, at, to, toAt, bow, allowance }: Static<typeof PARAMS>,
): Result<readonly [Piece, Piece]> {
  if (!draft.stated || piece.levels.length > 0 || piece.half || (piece.darts ?? []).length > 0)
    return fail(
      "not-to-split",
      `Expected a piece of an own pattern, without a dart and the same on both sides, but ${piece.id} is not: split it first, then take the dart.`,
    );
  if (edge === to)
    return fail("one-edge", `Expected two edges of ${piece.id} to cut from and to, but got ${edge} twice.`);
  const cuts: { index: number; mm: number; place: Point }[] = [];
  for (const [id, mm] of [
    [edge, at],
    [to, toAt],
  ] as const) {
    const found = edgeAt(piece, id);
    if (!found.ok) return found;
    const place = placeAlong(found.value.lines, mm);
    const whole = lengthOfEdges(found.value.lines);
    if (!place || mm > whole)
      return fail(
        "marks-outside",
        `Expected a place on ${id} of ${piece.id}, 0 to ${whole.toFixed(0)} mm along it, but got ${mm.toFixed(0)} mm.`,
      );
    cuts.push({ index: piece.edges.indexOf(found.value), mm, place });
  }
  const [a, b] = cuts.toSorted((one, other) => one.index - other.index);
  if (!a || !b) return fail("one-edge", `Expected two edges of ${piece.id} to cut from and to.`);
  const seam = newSeam(a.place, b.place, bow);
  if (!seam || leavesPiece(piece, a.place, b.place))
    return fail(
      "split-outside",
      `Expected a cut that stays within ${piece.id}, but from ${edge} to ${to} it leaves it.`,
    );
  const names = [1, 2].map((number) => `${piece.id} ${number}`);
  const taken = names.find((name) => draft.pieces.some(({ id }) => id === name));
  if (taken)
    return fail("name-there", `Expected no piece called ${taken}: the halves of ${piece.id} are to be called so.`);
  const id = freeEdge(piece);
  const made = (lines: readonly Edge[], other: string): PieceEdge => ({
    ...{ id, role: "own", finish: "seam", allowanceMm: allowance, lines },
    seam: { piece: other, edge: id, easeMm: 0 },
  });
  const [first = "", second = ""] = names;
  const count = piece.edges.length;
  const rest = (from: { index: number; mm: number }, until: { index: number; mm: number }): PieceEdge[] => {
    const steps = (until.index - from.index + count) % count;
    return Array.from({ length: steps + 1 }, (_, step) => piece.edges[(from.index + step) % count]).flatMap(
      (one, step) => {
        if (!one) return [];
        const [begins, ends] = [step === 0 ? from.mm : 0, step === steps ? until.mm : lengthOfEdges(one.lines)];
        if (ends - begins < CRUMB_MM) return [];
        const whole = begins === 0 && ends === lengthOfEdges(one.lines);
        // What was cut through has two parts: no one edge meets its partner any more.
        return [whole ? one : { ...one, seam: null, lines: partAlong(one.lines, begins, ends) }];
      },
    );
  };
  const half = (name: string, edges: readonly PieceEdge[], begins: readonly { index: number; mm: number }[]): Piece =>
    withoutFold({
      ...piece,
      ...{ id: name, name, edges, grain: grainOf(edges), notches: notchesOn(piece, begins) },
      points: (piece.points ?? []).filter(({ at: place }) =>
        isWithin(
          edges.flatMap(({ lines }) => lines),
          place,
        ),
      ),
    });
  return ok([
    half(first, [...rest(a, b), made(seam.back, second)], [a, b]),
    half(second, [...rest(b, a), made(seam.out, first)], [b, a]),
  ]);
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
const leavesPiece = (piece: Piece, from: Point, to: Point): boolean => {
  const outline = outlineOf(piece);
  const meets = outline.some((line) =>
    crossings(straight(from, to), line).some(({ at }) => distance(at, from) > CRUMB_MM && distance(at, to) > CRUMB_MM),
  );
  return meets || !isWithin(outlineOf(piece), moved(from, way(from, to), 0.5));
};

/** A half that has no edge on the fold is cut once for each side. */
const withoutFold = (half: Piece): Piece =>
  half.onFold && !half.edges.some(({ finish }) => finish === "fold")
    ? { ...half, onFold: false, count: 2 * half.count, mirrored: true }
    : half;

/** As the grain of the whole runs: down the middle of the half. */
function grainOf(edges: readonly PieceEdge[]): Piece["grain"] {
  const { from, to } = boxOfEdges(edges.flatMap(({ lines }) => lines));
  const [middle, length] = [(from.x + to.x) / 2, to.y - from.y];
  return { from: point(middle, from.y + 0.3 * length), to: point(middle, from.y + 0.7 * length) };
}

/** Notches of the edges between two cuts, at what their places are there. */
function notchesOn(piece: Piece, [from, until]: readonly { index: number; mm: number }[]): Notch[] {
  const count = piece.edges.length;
  if (!from || !until) return [];
  const steps = (until.index - from.index + count) % count;
  return piece.notches.flatMap((notch) => {
    const index = piece.edges.findIndex(({ id }) => id === notch.edge);
    const step = (index - from.index + count) % count;
    if (step > steps || (step === 0 && notch.mm <= from.mm) || (step === steps && notch.mm >= until.mm)) return [];
    return [step === 0 ? { ...notch, mm: notch.mm - from.mm } : notch];
  });
}

/** A name no edge of the piece has. */
function freeEdge({ edges }: Piece): string {
  for (let number = 1; ; number += 1) {
    const id = number === 1 ? "split" : `split ${number}`;
    if (!edges.some((edge) => edge.id === id)) return id;
  }
}

/** A stated edge of a piece that was split: of the half that has it, or a part of it on each. */
function restated(edge: StatedEdge, whole: string, halves: readonly [Piece, Piece]): StatedEdge[] {
  if (edge.piece !== whole || edge.lengthMm !== null) return [edge];
  const holders = halves.filter(({ edges }) => edges.some(({ id }) => id === edge.edge));
  return holders.map(({ id }, at) => ({
    ...{ ...edge, piece: id, partOf: edge.partOf ?? whole },
    // What is eased in is told once.
    easeMm: at === 0 ? edge.easeMm : 0,
  }));
}
