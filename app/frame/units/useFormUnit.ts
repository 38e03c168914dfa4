import { useState } from "react";
import type { LengthUnit } from "../../../core/units/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { useLengths } from "./UnitContext.tsx";

/**
 * The unit of bare numbers in a form: the one it was begun in. It stays when the unit shown is switched meanwhile or a
 * draft is taken up later, so that `32.8` never changes its meaning under the maker's hands.
 */
export function useFormUnit(...kept: readonly (Fields | null | undefined)[]): LengthUnit {
  const shown = useLengths().unit;
  const begun = kept.find((fields) => fields?.unit === "cm" || fields?.unit === "in")?.unit;
  const [unit] = useState<LengthUnit>((begun as LengthUnit | undefined) ?? shown);
  return unit;
}
