import { type FinishSettings, SHIPPED_FINISH_SETTINGS } from "../../../core/edges/index.ts";
import type { Repositories } from "../../../data/store.ts";

/** Allowances that are habits of the workshop; those as shipped where it kept none. */
export const readFinishes = async ({ settings }: Pick<Repositories, "settings">): Promise<FinishSettings> =>
  (await settings.find("finish")).value ?? SHIPPED_FINISH_SETTINGS;
