import { type Point, point } from "../../geometry/index.ts";
import { netPlace, type Place3 } from "../../surface/index.ts";
import type { CupOfBreast } from "./cupSide.ts";

/** A small face of a cup's surface, with how much longer the flat piece is there than the surface: below 0 the cloth has to give. */
export interface CupFace {
  readonly places: readonly Place3[];
  /** The same corners on the piece laid flat, mm, before the cup strain is taken off. */
  readonly flat: readonly Point[];
  readonly strain: number;
}

/** One piece of a cup as it lies on the breast. */
export interface CupSurfacePatch {
  readonly id: string;
  readonly name: string;
  readonly faces: readonly CupFace[];
  /** Its seams and its part of the root, as lines on the surface. */
  readonly border: { readonly seam: readonly Place3[]; readonly root: readonly Place3[] };
  /** In its middle. */
  readonly middle: Place3;
  readonly low: number;
  readonly high: number;
}

/** A cup as a surface to be looked at. */
export interface CupSurface {
  readonly side: "left" | "right" | null;
  readonly patches: readonly CupSurfacePatch[];
}

/** Of a fine net threads are put together two at a time: a face for the eye, not for the reckoning. */
const MANY = 16;

/** The surface of a cup in faces, each with the strain its piece has there. */
export const cupSurface = ({ side, parts }: CupOfBreast): CupSurface => ({
  side,
  patches: parts.map(({ patch, net, flat, strain }) => {
    const { columns, rows } = net;
    const by = columns > MANY ? 2 : 1;
    const at = (column: number, row: number) => net.places[netPlace(net, column, row)] as Place3;
    // A cup is drawn as the left one is seen from before it.
    const flatAt = ({ x, y }: Point): Point => (side === "right" ? point(-x, y) : point(x, y));
    const felt = strainAtPlaces(flat.threads, flat.strains, net.places.length);
    const stops = stopsTo(columns + 1, by);
    const steps = stopsTo(rows - 1, by);
    const faces = stops.slice(1).flatMap((column, number) => {
      const before = stops[number] ?? 0;
      return steps.slice(1).map((row, step): CupFace => {
        const above = steps[step] ?? 0;
        const corners = [
          [before, above],
          [column, above],
          [column, row],
          [before, row],
        ] as const;
        return {
          places: corners.map(([c, r]) => at(c, r)),
          flat: corners.map(([c, r]) => flatAt(flat.places[netPlace(net, c, r)] as Point)),
          strain: corners.reduce((sum, [c, r]) => sum + (felt[netPlace(net, c, r)] ?? 0), 0) / corners.length,
        };
      });
    });
    const line = (row: number) => Array.from({ length: columns + 2 }, (_, column) => at(column, row));
    return {
      ...{ id: patch.id, name: patch.name, faces, border: { seam: line(0), root: line(rows - 1) } },
      middle: at(Math.round((columns + 1) / 2), Math.round((rows - 1) / 2)),
      ...strain,
    };
  }),
});

/** 0, and every so many up to the last. */
const stopsTo = (last: number, by: number): number[] =>
  Array.from({ length: Math.ceil(last / by) + 1 }, (_, at) => Math.min(last, at * by));

/** The strain at each place: of the threads that meet there. */
function strainAtPlaces(
  threads: readonly { readonly from: number; readonly to: number; readonly edge: boolean }[],
  strains: readonly number[],
  count: number,
): number[] {
  const sums = Array.from({ length: count }, () => ({ sum: 0, threads: 0 }));
  for (const [at, { from, to, edge }] of threads.entries())
    for (const place of edge ? [] : [from, to]) {
      const one = sums[place];
      if (one) {
        one.sum += strains[at] ?? 0;
        one.threads += 1;
      }
    }
  return sums.map(({ sum, threads: own }) => (own === 0 ? 0 : sum / own));
}
