import type { ClothSettings } from "../../../core/cloth/index.ts";
import type { EaseSettings } from "../../../core/ease/index.ts";
import type { SaveOutcome } from "../../../data/db/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { keptClothSettings, keptEaseSettings } from "../../../formats/kept/keptSettings.ts";
import { readWorkshopSettings, type WorkshopSettings } from "../../.server/read/workshopSettings.ts";
import type { readSettings } from "./easeSettingsForm.server.ts";

/** Keeps both, or neither where one of them has moved on since the form was opened. Nothing to keep: as shipped. */
export async function saveBoth(
  repositories: Pick<Repositories, "settings">,
  version: number,
  kept: { readonly ease: EaseSettings; readonly cloth: ClothSettings } | null,
): Promise<SaveOutcome<WorkshopSettings & { readonly version: number }>> {
  const { settings } = repositories;
  const now = await readWorkshopSettings(repositories);
  const whole = (read: WorkshopSettings) => ({ ...read, version: read.versions.ease + read.versions.cloth });
  if (version !== whole(now).version) return { saved: false, theirs: whole(now) };
  const ease = await settings.save("ease", { value: kept?.ease ?? null, version: now.versions.ease });
  const cloth = await settings.save("cloth", { value: kept?.cloth ?? null, version: now.versions.cloth });
  const after = whole(await readWorkshopSettings(repositories));
  return ease.saved && cloth.saved ? { saved: true, value: after } : { saved: false, theirs: after };
}

/** The first number that is not what was expected; undefined where all are. */
export function firstProblem({
  ease,
  cloth,
}: Extract<ReturnType<typeof readSettings>, { ok: true }>): string | undefined {
  const easeRead = keptEaseSettings.read(ease, keptEaseSettings.format);
  const clothRead = keptClothSettings.read(cloth, keptClothSettings.format);
  if (!easeRead.ok) return easeRead.problem.message;
  return clothRead.ok ? undefined : clothRead.problem.message;
}
