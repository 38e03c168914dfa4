import type { ShelfStock } from "../../core/calculation/index.ts";
import { type ClothSettings, clothSettingsSchema, SHIPPED_CLOTH_SETTINGS } from "../../core/cloth/index.ts";
import { WORK_HOURS, type WorkHours } from "../../core/days/index.ts";
import { type EaseSettings, easeSettingsSchema, SHIPPED_EASE_SETTINGS } from "../../core/ease/index.ts";
import { type FinishSettings, finishSettingsSchema, SHIPPED_FINISH_SETTINGS } from "../../core/edges/index.ts";
import { SHELF } from "../../core/materials/index.ts";
import { MACHINES, type Machines, RECIPES, type Recipes } from "../../core/seams/index.ts";
import { type KeptType, keptType } from "./keptType.ts";

/** Numbers of the ease plan as a workshop keeps them; a number that came later than they were kept is as shipped. */
export const keptEaseSettings: KeptType<EaseSettings> = keptType({
  what: "the settings of the ease plan",
  schema: easeSettingsSchema,
  fresh: SHIPPED_EASE_SETTINGS,
});

/** Numbers of the swatch bench as a workshop keeps them. */
export const keptClothSettings: KeptType<ClothSettings> = keptType({
  what: "the settings of the swatch bench",
  schema: clothSettingsSchema,
  fresh: SHIPPED_CLOTH_SETTINGS,
});

/** What there is on the shelf. */
export const keptShelf: KeptType<ShelfStock> = keptType({ what: "the shelf stock", schema: SHELF });

/** Allowances that are habits of the workshop. */
export const keptFinishes: KeptType<FinishSettings> = keptType({
  what: "the allowances by finish",
  schema: finishSettingsSchema,
  fresh: SHIPPED_FINISH_SETTINGS,
});

/** Machines of the workshop. */
export const keptMachines: KeptType<Machines> = keptType({ what: "the machines of the workshop", schema: MACHINES });

/** Set-ups that held, kept for later jobs. */
export const keptRecipes: KeptType<Recipes> = keptType({ what: "the recipes for seams", schema: RECIPES });

/** When the workshop works, and what of it leaves the house. */
export const keptWorkHours: KeptType<WorkHours> = keptType({ what: "the working hours", schema: WORK_HOURS });
