import type { ShelfStock } from "../../../core/calculation/index.ts";
import { type ClothSettings, SHIPPED_CLOTH_SETTINGS } from "../../../core/cloth/index.ts";
import { type EaseSettings, SHIPPED_EASE_SETTINGS } from "../../../core/ease/index.ts";
import { EMPTY_SHELF } from "../../../core/materials/index.ts";
import type { Repositories } from "../../../data/store.ts";

/** Every habit of the workshop that numbers rest on. */
export interface WorkshopSettings {
  readonly ease: EaseSettings;
  readonly cloth: ClothSettings;
  readonly shelf: ShelfStock;
  /** Versions the two were kept with; 0 where they are as shipped. */
  readonly versions: { readonly ease: number; readonly cloth: number };
}

/** Reads the workshop's settings; those as shipped where it kept none. */
export async function readWorkshopSettings({ settings }: Pick<Repositories, "settings">): Promise<WorkshopSettings> {
  const { ease, cloth, shelf } = await settings.findAll(["ease", "cloth", "shelf"]);
  return {
    ease: ease.value ?? SHIPPED_EASE_SETTINGS,
    cloth: cloth.value ?? SHIPPED_CLOTH_SETTINGS,
    shelf: shelf.value ?? EMPTY_SHELF,
    versions: { ease: ease.version, cloth: cloth.version },
  };
}

/** How an explanation names the settings a number rests on. */
export const settingsWords = ({ ease, cloth }: Pick<WorkshopSettings, "ease" | "cloth">): string =>
  same(ease, SHIPPED_EASE_SETTINGS) && same(cloth, SHIPPED_CLOTH_SETTINGS)
    ? "settings as shipped"
    : "this workshop’s own settings";

/** What was never kept is the shipped object itself: no need to look inside. */
const same = (a: object, b: object): boolean => a === b || JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

/** The same values with keys in order, so that two settings can be compared as text. */
const sorted = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(sorted);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .toSorted(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, inner]) => [key, sorted(inner)]),
  );
};
