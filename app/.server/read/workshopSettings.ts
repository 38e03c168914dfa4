import { Type } from "typebox";
import { CLOTH_KINDS, type ClothSettings, SHIPPED_CLOTH_SETTINGS } from "../../../core/cloth/index.ts";
import { type EaseSettings, easeSettingsSchema, SHIPPED_EASE_SETTINGS } from "../../../core/ease/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { validator } from "../../../formats/validation.ts";

const ratio = () => Type.Number({ minimum: 0, maximum: 1 });

const clothSettingsSchema = Type.Object(
  {
    referenceNPerM: Type.Object(
      Object.fromEntries(CLOTH_KINDS.map((kind) => [kind, Type.Number({ exclusiveMinimum: 0, maximum: 10_000 })])),
      { additionalProperties: false },
    ),
    wearFactor: ratio(),
    leastRecovery: Type.Object({ after60s: ratio(), after30min: ratio() }, { additionalProperties: false }),
  },
  { additionalProperties: false },
);

const validateEase = validator(easeSettingsSchema);
const validateCloth = validator(clothSettingsSchema);

/** Every habit of the workshop that numbers rest on. */
export interface WorkshopSettings {
  readonly ease: EaseSettings;
  readonly cloth: ClothSettings;
  /** Versions the two were kept with; 0 where they are as shipped. */
  readonly versions: { readonly ease: number; readonly cloth: number };
}

/** Checks settings before they are kept; the problem says which number is not what was expected. */
export const checkEaseSettings = (settings: EaseSettings) => validateEase(settings);
export const checkClothSettings = (settings: ClothSettings) => validateCloth(settings);

/**
 * Reads the workshop's settings; those as shipped where it kept none.
 * @throws Error where what was kept does not agree with its schema: no number is computed from it.
 */
export async function readWorkshopSettings({ settings }: Pick<Repositories, "settings">): Promise<WorkshopSettings> {
  const { ease, cloth } = await settings.findAll(["ease", "cloth"]);
  return {
    ease: ease.value === "" ? SHIPPED_EASE_SETTINGS : readEase(ease.value),
    cloth: cloth.value === "" ? SHIPPED_CLOTH_SETTINGS : readCloth(cloth.value),
    versions: { ease: ease.version, cloth: cloth.version },
  };
}

function readEase(text: string): EaseSettings {
  // Kept by an earlier version, they lack the numbers that came later: those are as shipped.
  const read = validateEase(filledFrom(SHIPPED_EASE_SETTINGS, JSON.parse(text)));
  if (!read.ok) throw new Error("The settings of the ease plan that were kept cannot be read.");
  return read.value as unknown as EaseSettings;
}

function readCloth(text: string): ClothSettings {
  const read = validateCloth(filledFrom(SHIPPED_CLOTH_SETTINGS, JSON.parse(text)));
  if (!read.ok) throw new Error("The settings of the swatch bench that were kept cannot be read.");
  return read.value as unknown as ClothSettings;
}

/**
 * Kept settings with what they lack taken from those as shipped, in depth: a family or a zone that came later too.
 * Lists and single values stand as they were kept.
 */
export function filledFrom(shipped: unknown, kept: unknown): unknown {
  if (!isRecord(shipped) || !isRecord(kept)) return kept === undefined ? shipped : kept;
  const names = new Set([...Object.keys(shipped), ...Object.keys(kept)]);
  return Object.fromEntries([...names].map((name) => [name, filledFrom(shipped[name], kept[name])]));
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

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
