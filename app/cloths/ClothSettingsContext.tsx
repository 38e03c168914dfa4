import { createContext, useContext } from "react";
import type { ClothSettings } from "../../core/cloth/index.ts";

/** The workshop's own numbers of the swatch bench. There is no default: a page that judges a swatch provides them. */
export const ClothSettingsContext = createContext<ClothSettings | null>(null);

/**
 * The workshop's numbers of the swatch bench.
 * @throws where no page above provides them.
 */
export function useClothSettings(): ClothSettings {
  const settings = useContext(ClothSettingsContext);
  if (!settings) throw new Error("A page that judges a swatch provides the settings of the swatch bench.");
  return settings;
}
