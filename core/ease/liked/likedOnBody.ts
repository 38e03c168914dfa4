import type { Sheet } from "../../body/index.ts";
import { type ClothSettings, type GarmentLayer, layupStretch, testLayers } from "../../cloth/index.ts";
import { daysBetween } from "../../units/index.ts";
import type { LikedGirth } from "../schools/school.ts";
import { zoneBodies } from "../zoneBody.ts";
import { ZONES, type Zone } from "../zones.ts";
import type { LikedGarment } from "./likedGarment.ts";

/** A garment that fits, set on the body it was worn on. */
export interface LikedOnBody {
  readonly garment: LikedGarment;
  /** Day of the sheet its body comes from; null where the wearer has no sheet. */
  readonly sheetOn: string | null;
  readonly girths: Readonly<Partial<Record<Zone, LikedGirth>>>;
  /** Zones that were measured on the garment but not on the sheet. */
  readonly withoutBody: readonly Zone[];
}

/** The sheet nearest in time to a day, the earlier of two equally near; null without sheets. */
export function nearestSheet<S extends Pick<Sheet, "takenOn">>(sheets: readonly S[], day: string): S | null {
  const away = (sheet: S) => Math.abs(daysBetween(sheet.takenOn, day));
  return sheets.reduce<S | null>((best, next) => {
    if (!best) return next;
    const [there, here] = [away(best), away(next)];
    return here < there || (here === there && next.takenOn < best.takenOn) ? next : best;
  }, null);
}

/**
 * Sets a garment on the body of the nearest sheet: each girth, the width doubled, with the snug body there and what its
 * cloth does. The cloth of the shelf rules over a stretch pulled on the garment.
 *
 * @param layer its cloth on the shelf; null where it has none.
 */
export function likedOnBody(
  garment: LikedGarment,
  sheets: readonly Sheet[],
  layer: GarmentLayer | null,
  { fingerAllowanceMm, cloth }: { fingerAllowanceMm: number; cloth: ClothSettings },
): LikedOnBody {
  const sheet = nearestSheet(sheets, garment.measuredOn);
  const stretch = layer ? layupStretch(testLayers([layer], cloth), cloth) : null;
  const girths: Partial<Record<Zone, LikedGirth>> = {};
  const withoutBody: Zone[] = [];
  for (const zone of ZONES) {
    const widthMm = garment.widthsMm[zone];
    if (widthMm === undefined) continue;
    const bodyMm = sheet ? zoneBodies(zone, sheet, fingerAllowanceMm)?.plan.snugMm : undefined;
    if (bodyMm === undefined || bodyMm <= 0) withoutBody.push(zone);
    else
      girths[zone] = {
        name: garment.name,
        bodyMm,
        garmentMm: 2 * widthMm,
        usable: stretch?.usable ?? garment.usable,
        wear: stretch?.wear ?? null,
      };
  }
  return { garment, sheetOn: sheet?.takenOn ?? null, girths, withoutBody };
}

/** The girths of several garments by zone, as the profile school takes them. */
export const likedByZone = (garments: readonly LikedOnBody[]): Partial<Record<Zone, LikedGirth[]>> =>
  Object.fromEntries(
    ZONES.map((zone) => [zone, garments.flatMap(({ girths }) => girths[zone] ?? [])] as const).filter(
      ([, girths]) => girths.length > 0,
    ),
  );
