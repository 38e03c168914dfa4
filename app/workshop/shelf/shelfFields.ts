import type { ShelfStock } from "../../../core/calculation/index.ts";
import { SHELF_FIELD } from "../../../core/materials/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { rowTexts } from "../../jobs/calculation/field.ts";

/** The fields the shelf is edited from. */
export const shelfFields = ({ rows }: ShelfStock): Fields => rowTexts("rows", rows, SHELF_FIELD.cells);
