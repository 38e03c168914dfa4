import { type Copy, type CutShape, type Placed, sizeOfShape, waysOf } from "./cutShape.ts";
import { type Mask, maskOf } from "./mask.ts";
import type { Table } from "./roll.ts";

/** Height of the bands shapes are looked at in, mm: no more is lost beside each. */
const BAND_MM = 4;

/** What is nearer than this touches, mm. */
const NEARLY = 1e-7;

/** What lies in each band of a table, as pairs of from and to. Arrays are never changed in place: a table is kept as it was before a piece. */
type Taken = readonly Float64Array[];

/** A table with what lies on it so far. */
export interface Laid {
  readonly taken: Taken;
  readonly placed: readonly Placed[];
  /** How far along the roll anything reaches, mm. */
  readonly lengthMm: number;
}

/** One way a shape may lie, and where across the roll. */
interface Way {
  readonly over: boolean;
  readonly turned: boolean;
  readonly mask: Mask;
  readonly anchorMm: number;
  /** Bands it may begin at. */
  readonly bands: readonly number[];
  /** The place across that a band stands for, mm. */
  readonly yOf: (band: number) => number;
}

/** Lays shapes on a table, each as near to its start as there is room. */
export interface Layer {
  readonly empty: Laid;
  /** The table with one more piece on it, turned head to foot only where that is said; null where it never fits. */
  readonly lay: (on: Laid, copy: Copy, turns: readonly boolean[]) => Laid | null;
  /** The table with a piece where it lay before; null where it does not lie there any more. */
  readonly put: (on: Laid, copy: Copy, at: Where) => Laid | null;
}

/** Where a piece lay. mm */
export type Where = Pick<Placed, "over" | "turned" | "x" | "y">;

/** A piece that was laid is found again where it lies nearer to its place than this, and over nothing else by more, mm. */
const AGAIN_MM = 0.05;

/** What lays shapes on a table: their masks are made once. */
export function layerOn(table: Table): Layer {
  const bandMm = bandOf(table);
  // Half the room may lie beyond either edge: nothing is there.
  const count = Math.ceil((table.widthMm + table.roomMm) / bandMm) + 1;
  const known = new Map<CutShape, Map<number, Way[]>>();
  const waysFor = (copy: Copy, turned: boolean): readonly Way[] => {
    const own = known.get(copy.shape) ?? new Map<number, Way[]>();
    known.set(copy.shape, own);
    const key = (copy.over ? 2 : 0) + (turned ? 1 : 0);
    const before = own.get(key);
    if (before) return before;
    const ways = waysOn(table, copy, turned, bandMm);
    own.set(key, ways);
    return ways;
  };
  return {
    empty: { taken: Array.from({ length: count }, () => new Float64Array(0)), placed: [], lengthMm: 0 },
    lay(on, copy, turns) {
      let best: { way: Way; band: number; x: number } | null = null;
      let least = Number.POSITIVE_INFINITY;
      // On a border it is the border that says which way round.
      for (const turned of copy.shape.bound === "border" ? EITHER : turns)
        for (const way of waysFor(copy, turned))
          for (const band of way.bands) {
            const x = leastX(on.taken, way, band, least - way.mask.lengthMm - NEARLY, table.repeatAlongMm);
            if (x + way.mask.lengthMm < least - NEARLY) [best, least] = [{ way, band, x }, x + way.mask.lengthMm];
          }
      if (!best) return null;
      const { way, band, x } = best;
      return withWay(on, copy, way, { band, x });
    },
    put(on, copy, { over, turned, x, y }) {
      if (turned && !table.halfTurn && copy.shape.bound !== "border") return null;
      for (const way of waysFor(copy, turned)) {
        if (way.over !== over) continue;
        const band = way.bands.find((one) => Math.abs(way.yOf(one) - y) < AGAIN_MM);
        if (band === undefined) continue;
        const free = leastX(on.taken, way, band, x + AGAIN_MM, table.repeatAlongMm, x - AGAIN_MM);
        return free <= x + AGAIN_MM ? withWay(on, copy, way, { band, x: Math.max(x, free) }) : null;
      }
      return null;
    },
  };

  function withWay(
    on: Laid,
    { shape }: Copy,
    way: Way,
    { band, x }: { readonly band: number; readonly x: number },
  ): Laid {
    return {
      taken: withMask(on.taken, way.mask, band, x),
      placed: [...on.placed, { shape, over: way.over, turned: way.turned, x, y: way.yOf(band) }],
      lengthMm: Math.max(on.lengthMm, x + way.mask.lengthMm - table.roomMm),
    };
  }
}

const EITHER: readonly boolean[] = [false, true];

/** A repeat across is met by whole bands. */
const bandOf = ({ repeatAcrossMm }: Table): number =>
  repeatAcrossMm === null ? BAND_MM : repeatAcrossMm / Math.ceil(repeatAcrossMm / BAND_MM);

function waysOn(table: Table, { shape, over }: Copy, turned: boolean, bandMm: number): Way[] {
  const { widthMm, folded, borders } = table;
  const roomMm = widthMm - sizeOfShape(shape).widthMm;
  // On a border a piece that is turned lies on the other one; turned over as well it is mirrored along its own.
  const far = shape.bound === "border" && turned !== over;
  if (roomMm < -NEARLY || (far && borders < 2)) return [];
  const sides = shape.eitherWay && shape.bound === "free" ? [over, !over] : [over];
  return sides.map((side): Way => {
    // What lies on the fold keeps to it, turned or not: its other half is under it.
    const flipped = shape.bound === "fold" ? turned : side;
    const outline = waysOf(shape, shape.outline, flipped, turned);
    const anchor = waysOf(shape, [shape.anchor], flipped, turned)[0] ?? shape.anchor;
    const own = { over: flipped, turned, anchorMm: anchor.x };
    const bound = far || shape.bound === "border" || (shape.bound === "fold" && folded);
    const { shiftMm, bands } = bound
      ? bandsAt(far ? Math.max(0, roomMm) : 0, bandMm)
      : bandsWithin(roomMm, bandMm, anchor.y, table.repeatAcrossMm);
    const shifted = outline.map(({ x, y }) => ({ x, y: y + shiftMm }));
    return { ...own, mask: maskOf(shifted, bandMm, table.roomMm), bands, yOf: (band) => band * bandMm + shiftMm };
  });
}

/** Bands a shape may begin at, all moved by less than a band. mm */
interface Bands {
  readonly shiftMm: number;
  readonly bands: readonly number[];
}

/** The one band of a place across. */
function bandsAt(mm: number, bandMm: number): Bands {
  const band = Math.floor(mm / bandMm + NEARLY);
  return { shiftMm: Math.max(0, mm - band * bandMm), bands: [band] };
}

/** Every band that leaves a shape within the width; where the motif comes again across, those that bring its anchor on it. */
function bandsWithin(roomMm: number, bandMm: number, anchorMm: number, repeatMm: number | null): Bands {
  const below = anchorMm / bandMm;
  const first = Math.ceil(below - NEARLY);
  const shiftMm = repeatMm === null ? 0 : Math.max(0, (first - below) * bandMm);
  const count = Math.floor((roomMm - shiftMm) / bandMm + NEARLY) + 1;
  const all = Array.from({ length: Math.max(0, count) }, (_, band) => band);
  const steps = repeatMm === null ? 1 : Math.round(repeatMm / bandMm);
  return { shiftMm, bands: all.filter((band) => (band + (repeatMm === null ? 0 : first)) % steps === 0) };
}

/** The first place along the roll, from one on, where a shape meets nothing, its anchor on the motif; no further is looked than so far. */
function leastX(
  taken: Taken,
  { mask, anchorMm }: Way,
  band: number,
  below: number,
  repeatMm: number | null,
  from = 0,
): number {
  const snapped = (x: number) =>
    repeatMm === null ? x : Math.ceil((x + anchorMm) / repeatMm - 1e-9) * repeatMm - anchorMm;
  let x = snapped(Math.max(0, from));
  for (let moved = true; moved && x <= below; ) {
    moved = false;
    for (let at = 0; at < mask.bands.length && x <= below; at += 1) {
      const there = taken[band + at] as Float64Array;
      if (there.length === 0) continue;
      const own = mask.bands[at] as Float64Array;
      for (let one = 0; one < own.length; one += 2) {
        for (let other = 0; other < there.length; other += 2) {
          if ((there[other + 1] as number) <= x + (own[one] as number) + NEARLY) continue;
          if ((there[other] as number) >= x + (own[one + 1] as number) - NEARLY) break;
          x = snapped((there[other + 1] as number) - (own[one] as number));
          moved = true;
        }
      }
    }
  }
  return x;
}

/** What lies in the bands with one shape more. */
function withMask(taken: Taken, { bands }: Mask, band: number, x: number): Taken {
  const all = taken.slice();
  for (const [at, own] of bands.entries()) {
    const spans: [number, number][] = [];
    for (const list of [taken[band + at] as Float64Array, own.map((mm) => mm + x)])
      for (let one = 0; one < list.length; one += 2) spans.push([list[one] as number, list[one + 1] as number]);
    spans.sort(([a], [b]) => a - b);
    const merged: number[] = [];
    for (const [from, to] of spans) {
      const last = merged.length - 1;
      if (last > 0 && from <= (merged[last] as number) + NEARLY) merged[last] = Math.max(merged[last] as number, to);
      else merged.push(from, to);
    }
    all[band + at] = Float64Array.from(merged);
  }
  return all;
}
