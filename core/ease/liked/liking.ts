import { tensionAt } from "../../cloth/index.ts";
import { median } from "../../median.ts";
import { pressureKpa } from "../pressure.ts";
import type { LikedGirth } from "../schools/school.ts";
import { ZONES, type Zone } from "../zones.ts";
import type { LikedOnBody } from "./likedOnBody.ts";

/** What one garment says about a zone. */
export interface GarmentLiking {
  readonly index: number;
  /** Strain as worn; negative for a loose one. */
  readonly strain: number;
  readonly easeMm: number;
  /** Share of the usable stretch; null where its cloth is not known. */
  readonly share: number | null;
  /** Mean pressure; null where its cloth has no ladder. */
  readonly pressureKpa: number | null;
}

/** What the garments that fit say about one zone of a wearer. */
export interface ZoneLiking {
  readonly zone: Zone;
  /** What each garment says, by its place in the list. */
  readonly garments: readonly GarmentLiking[];
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
    const worn = garments.flatMap(({ girths }, index): GarmentLiking[] => {
      const girth = girths[zone];
      return girth ? [{ index, ...oneGarment(girth) }] : [];
    });
    if (worn.length === 0) return [];
    const strains = worn.map(({ strain }) => strain);
    return [
      {
        zone,
        garments: worn,
        median: median(strains),
        least: Math.min(...strains),
        most: Math.max(...strains),
        easeMm: median(worn.map(({ easeMm }) => easeMm)),
        share: medianOf(worn.flatMap(({ share }) => share ?? [])),
        pressureKpa: medianOf(worn.flatMap(({ pressureKpa: kpa }) => kpa ?? [])),
      },
    ];
  });

function oneGarment({ bodyMm, garmentMm, usable, wear }: LikedGirth): Omit<GarmentLiking, "index"> {
  const strain = bodyMm / garmentMm - 1;
  return {
    strain,
    easeMm: garmentMm - bodyMm,
    share: usable ? strain / usable : null,
    pressureKpa: wear ? pressureKpa(tensionAt(wear, strain).tensionNPerM, bodyMm) : null,
  };
}

const medianOf = (numbers: readonly number[]): number | null => (numbers.length === 0 ? null : median(numbers));
