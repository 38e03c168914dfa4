import { tensionAt } from "../../cloth/curve/tensionCurve.ts";
import { median } from "../../median.ts";
import { pressureKpa } from "../pressure.ts";
import type { LikedGirth } from "../schools/school.ts";
import { ZONES, type Zone } from "../zones.ts";
import type { LikedOnBody } from "./likedOnBody.ts";

/** What the garments that fit say about one zone of a wearer. */
export interface ZoneLiking {
  readonly zone: Zone;
  /** Each garment's strain as worn, by its place in the list; negative for a loose one. */
  readonly garments: readonly { readonly index: number; readonly strain: number }[];
  readonly median: number;
  readonly least: number;
  readonly most: number;
  /** Median ease, mm. */
  readonly easeMm: number;
  /** Median share of the usable stretch, of the garments whose cloth is known; null where none is. */
  readonly share: number | null;
  /** Median mean pressure, of the garments whose cloth has a ladder; null where none has. */
  readonly pressureKpa: number | null;
}

/** The liking of a wearer by zone, of the zones in which any garment was measured on a body. */
export const likingOf = (garments: readonly LikedOnBody[]): ZoneLiking[] =>
  ZONES.flatMap((zone) => {
    const worn = garments.flatMap(({ girths }, index) => {
      const girth = girths[zone];
      return girth ? [{ index, girth, strain: strainOf(girth) }] : [];
    });
    if (worn.length === 0) return [];
    const strains = worn.map(({ strain }) => strain);
    return [
      {
        zone,
        garments: worn.map(({ index, strain }) => ({ index, strain })),
        median: median(strains),
        least: Math.min(...strains),
        most: Math.max(...strains),
        easeMm: median(worn.map(({ girth }) => girth.garmentMm - girth.bodyMm)),
        share: medianOf(worn.flatMap(({ girth, strain }) => (girth.usable ? [strain / girth.usable] : []))),
        pressureKpa: medianOf(worn.flatMap(({ girth, strain }) => pressureOf(girth, strain))),
      },
    ];
  });

const strainOf = ({ bodyMm, garmentMm }: LikedGirth): number => bodyMm / garmentMm - 1;

const pressureOf = ({ wear, bodyMm }: LikedGirth, strain: number): number[] =>
  wear ? [pressureKpa(tensionAt(wear, strain).tensionNPerM, bodyMm)] : [];

const medianOf = (numbers: readonly number[]): number | null => (numbers.length === 0 ? null : median(numbers));
