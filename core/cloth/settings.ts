import type { ClothKind } from "./clothKind.ts";

/** Numbers of the swatch bench that are habits and not laws. */
export interface ClothSettings {
  /** Tension at which a ladder's strain counts as comfortable, N/m, by kind of cloth. */
  readonly referenceNPerM: Readonly<Record<ClothKind, number>>;
  /** Tension in wear as a part of the loading curve, where no step was read on the way back. */
  readonly wearFactor: number;
  /** Under these recoveries a cloth "will bag". */
  readonly leastRecovery: { readonly after60s: number; readonly after30min: number };
}

/** The settings as shipped (domain notes, section 3): nets and elastics are judged at three times the tension. */
export const SHIPPED_CLOTH_SETTINGS: ClothSettings = {
  referenceNPerM: { knit: 100, net: 300, lace: 100, woven: 100, elastic: 300 },
  wearFactor: 0.75,
  leastRecovery: { after60s: 0.85, after30min: 0.9 },
};

/** How explanations name the settings of the swatch bench. */
export const clothSettingsWords = (settings: ClothSettings): string =>
  JSON.stringify(settings) === JSON.stringify(SHIPPED_CLOTH_SETTINGS)
    ? "settings as shipped"
    : "this workshop’s own settings";
