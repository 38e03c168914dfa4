import type { LengthUnit } from "../../core/units/index.ts";
import type { Fields } from "./unsaved.ts";

/** The unit a form was begun in. */
export const unitOf = (fields: Fields): LengthUnit => (fields.unit === "in" ? "in" : "cm");
