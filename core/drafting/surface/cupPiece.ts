import { backward, between, type Edge, lengthOfEdges, point, smoothThrough } from "../geometry/index.ts";
import { type Breast, roundApex, surfaceAt } from "./breast.ts";
import type { CupPatch, RootPart, SeamLine } from "./cupSeams.ts";
import { type Flattened, flattened, SEWN_ROUGHLY } from "./flattened.ts";
import { evenly, type Net, netOf, netPlace, type Thread, threadsOf } from "./net.ts";
import { lengthThrough, type Place3 } from "./place.ts";
import { outlineAt } from "./rootOutline.ts";

/** One edge of a flattened piece, with how long it is on the surface, mm. */
export interface CupEdge {
  /**
   * Of a seam its name; of the root `wire` below its widest line and `top` above it, or `neckline` and `armhole` where a strap parts that;
   * `wireInner` and `wireOuter` where a piece has two of a kind.
   */
  readonly id: string;
  readonly kind: "seam" | "wire" | "top" | "neckline" | "armhole";
  readonly lines: readonly Edge[];
  readonly trueMm: number;
}

/** A piece of a cup laid flat. */
export interface FlatCup {
  readonly patch: CupPatch;
  readonly net: Net;
  readonly flat: Flattened;
  /** Along the seams, then back along the root. */
  readonly edges: readonly CupEdge[];
  readonly strain: CupStrain;
}

/** Strain that is left in a piece, as parts: what 5 and 95 of 100 threads within it stay below. */
export interface CupStrain {
  readonly low: number;
  readonly high: number;
}

/** How finely a piece is laid flat: places along the seam and along the root, and from the one to the other. */
export interface NetSize {
  readonly columns: number;
  readonly rows: number;
  /** Steps a border is measured by. */
  readonly steps: number;
  /** How often borders are brought nearer to their length, at the most. */
  readonly rounds: number;
}

/** About five hundred triangles: what pieces are cut from. */
export const FINE_NET: NetSize = { columns: 24, rows: 11, steps: 120, rounds: 4 };

/** Some eighty triangles: a first answer while a seam is being moved. */
export const QUICK_NET: NetSize = { columns: 9, rows: 5, steps: 32, rounds: 0 };

/** A run of the border of a patch between two of its corners. */
interface Run {
  readonly id: string;
  readonly kind: CupEdge["kind"];
  readonly line: (part: number) => Place3;
  readonly mm: number;
}

/** Lays one piece of a cup flat with the least strain, its seams and its root as long as they are on the surface. */
export function flatCup(breast: Breast, patch: CupPatch, size: NetSize = FINE_NET): FlatCup {
  const { rows: across, steps, rounds } = size;
  const seams = patch.seams.map((seam) => seamRun(breast, seam, steps));
  const root = rootParts(patch.root, patch.strap ?? null).map((part) => rootRun(breast, part, steps));
  const net = netOf(stationed(seams, size), stationed(root, size), across, (from, to, rows) =>
    evenly((part) => surfaceAt(breast, between(from, to, part)), rows),
  );
  const border = [...bordering(seams, net, 0), ...bordering(root, net, across - 1)];
  const threads = threadsOf(net);
  const rough = flattened(
    net,
    threads,
    net.places.map((place) => roundApex(breast, place)),
    SEWN_ROUGHLY,
  );
  // Chords are a little shorter than what they span, and the flat edge bends less than the seam did on the surface.
  let factors = border.map((part) => {
    const bent = lengthOfEdges(linesOf(part, rough)) / chordsOf(part, rough.places);
    return part.run.mm / chordsOf(part, net.places) / bent;
  });
  let settled = settledBy(net, threads, borderFactors(border, factors), rough);
  // The other threads pull at the borders: what that takes off is added, until they are as long as they have to be.
  for (let round = 0; round < rounds && border.some((part) => offBy(part, settled) > OFF_MM); round += 1) {
    const before = settled;
    factors = factors.map((factor, at) => {
      const part = border[at];
      return part ? (factor * part.run.mm) / lengthOfEdges(linesOf(part, before)) : factor;
    });
    settled = settledBy(net, threads, borderFactors(border, factors), before);
  }
  const edges = border.map((part): CupEdge => {
    const { id, kind, mm } = part.run;
    return { id, kind, lines: linesOf(part, settled), trueMm: mm };
  });
  const back = edges.slice(seams.length).toReversed();
  return {
    ...{ patch, net, flat: settled, strain: strainOf(settled) },
    edges: [...edges.slice(0, seams.length), ...back.map((edge) => ({ ...edge, lines: backward(edge.lines) }))],
  };
}

/** Borders are brought to their length within this, mm. */
const OFF_MM = 0.05;

/** How far a border is off its length on the surface, mm. */
const offBy = (part: BorderPart, flat: Flattened): number => Math.abs(lengthOfEdges(linesOf(part, flat)) - part.run.mm);

/** What the threads along each border are made longer by, by their ends. */
const borderFactors = (border: readonly BorderPart[], factors: readonly number[]): ReadonlyMap<string, number> =>
  new Map(border.flatMap(({ pairs }, at) => pairs.map((pair) => [pair, factors[at] ?? 1] as const)));

/** A net settled from where it lies, its borders made longer. */
const settledBy = (
  net: Net,
  threads: readonly Thread[],
  factors: ReadonlyMap<string, number>,
  from: Flattened,
): Flattened =>
  flattened(
    net,
    threads.map((thread) => ({ ...thread, mm: thread.mm * (factors.get(pairOf(thread.from, thread.to)) ?? 1) })),
    from.places,
  );

/** A run with the places of the net along it, and the pairs of them that follow one another. */
interface BorderPart {
  readonly run: Run;
  readonly places: readonly number[];
  readonly pairs: readonly string[];
}

function bordering(runs: readonly Run[], net: Net, row: number): BorderPart[] {
  const stops = stopsOf(runs, net.columns);
  return runs.map((run, at) => {
    const from = at === 0 ? 0 : (stops[at - 1] ?? 0);
    const places = Array.from({ length: (stops[at] ?? 0) - from + 1 }, (_, step) => netPlace(net, from + step, row));
    return { run, places, pairs: places.slice(1).map((place, step) => pairOf(places[step] ?? place, place)) };
  });
}

const pairOf = (a: number, b: number): string => `${Math.min(a, b)} ${Math.max(a, b)}`;

const chordsOf = (
  { places }: BorderPart,
  all: readonly { readonly x: number; readonly y: number; readonly z?: number }[],
): number => lengthThrough(places.flatMap((place) => (all[place] ? [{ z: 0, ...all[place] }] : [])));

const linesOf = ({ places }: BorderPart, flat: Flattened): Edge[] =>
  smoothThrough(places.map((place) => flat.places[place] ?? point(0, 0)));

function measured(id: string, kind: CupEdge["kind"], line: Run["line"], steps: number): Run {
  const mm = lengthThrough(Array.from({ length: steps + 1 }, (_, at) => line(at / steps)));
  return { id, kind, line, mm };
}

function seamRun(breast: Breast, { id, from, to }: SeamLine, steps: number): Run {
  const line = (part: number) => surfaceAt(breast, between(from, to, eased(part)));
  return measured(id, "seam", line, steps);
}

/** At the root the surface is upright: steps toward it are made shorter, so that each is about as long on the surface. */
const eased = (part: number): number => (1 - Math.cos(Math.PI * part)) / 2;

const rootRun = (breast: Breast, { id, kind, from, to }: NamedPart, steps: number): Run =>
  measured(id, kind, (part) => ({ ...outlineAt(breast.root, from + (to - from) * part), z: 0 }), steps);

interface NamedPart extends RootPart {
  readonly id: string;
  readonly kind: Exclude<CupEdge["kind"], "seam">;
}

/** The part of the root along a piece, parted at its widest line: below it the wire runs, above it the cup ends; and there at its strap. */
function rootParts({ from, to }: RootPart, strap: number | null): NamedPart[] {
  const [low, high] = [Math.min(from, to), Math.max(from, to)];
  // An end of the widest line next to an end of the part is that end.
  const widest = [-1, 0, 1, 2, 3].map((half) => half * Math.PI);
  const straps = strap === null ? [] : [strap, strap + 2 * Math.PI];
  const parted = [...widest, ...straps]
    .filter((at) => at > low + SHORTEST && at < high - SHORTEST)
    .toSorted((a, b) => a - b);
  const ends = [low, ...parted, high];
  const parts = ends.slice(1).map((end, at): NamedPart => {
    const start = ends[at] ?? end;
    const kind = kindAt((start + end) / 2, strap);
    return { id: kind, kind, from: start, to: end };
  });
  const named = parts.map((part) => {
    const twins = parts.filter(({ kind }) => kind === part.kind).length > 1;
    const end = Math.cos((part.from + part.to) / 2) < 0 ? "Inner" : "Outer";
    return twins ? { ...part, id: `${part.id}${end}` } : part;
  });
  return from <= to ? named : named.toReversed().map((part) => ({ ...part, from: part.to, to: part.from }));
}

function kindAt(angle: number, strap: number | null): NamedPart["kind"] {
  if (Math.sin(angle) > 0) return "wire";
  if (strap === null) return "top";
  return Math.cos(angle) > Math.cos(strap) ? "armhole" : "neckline";
}

/** No part of the root is shorter than this, radians: some two millimetres. */
const SHORTEST = 0.03;

/** At which column each run ends: columns are shared out by length, each run with two at the least. */
function stopsOf(runs: readonly Run[], columns: number): number[] {
  const whole = runs.reduce((sum, { mm }) => sum + mm, 0);
  let gone = 0;
  return runs.map(({ mm }, at) => {
    gone += mm;
    const wanted = Math.round((gone / whole) * (columns + 1));
    return at === runs.length - 1 ? columns + 1 : Math.min(columns - 1, Math.max(2 * (at + 1), wanted));
  });
}

/** Places along runs, a stop at each of their ends. */
function stationed(runs: readonly Run[], { columns, steps }: NetSize): Place3[] {
  const stops = stopsOf(runs, columns);
  return runs.flatMap(({ line }, at) => {
    const from = at === 0 ? 0 : (stops[at - 1] ?? 0);
    const places = evenly(line, (stops[at] ?? 0) - from + 1, steps);
    return at === 0 ? places : places.slice(1);
  });
}

function strainOf({ threads, strains }: Flattened): CupStrain {
  const inner = strains.filter((_, at) => !threads[at]?.edge).toSorted((a, b) => a - b);
  const at = (part: number) => inner[Math.min(inner.length - 1, Math.floor(part * inner.length))] ?? 0;
  return { low: at(0.05), high: at(0.95) };
}
