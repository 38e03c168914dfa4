import { ZONES, type Zone, zoneBodies } from "../../../core/ease/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { readWorkshopSettings } from "./workshopSettings.ts";

/** A wearer's body at every zone that the last sheet has, snug, mm. */
export async function bodyByZone(repositories: Repositories, wearerId: number): Promise<Partial<Record<Zone, number>>> {
  const [sheet] = await repositories.sheets.ofWearer(wearerId);
  if (!sheet) return {};
  const { ease } = await readWorkshopSettings(repositories);
  return Object.fromEntries(
    ZONES.flatMap((zone) => {
      const bodies = zoneBodies(zone, sheet, ease.fingerAllowanceMm);
      return bodies ? [[zone, bodies.plan.snugMm]] : [];
    }),
  );
}
