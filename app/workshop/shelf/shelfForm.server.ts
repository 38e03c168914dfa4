import type { ShelfStock } from "../../../core/calculation/index.ts";
import { SHELF_FIELD } from "../../../core/materials/index.ts";
import { sameName } from "../../../core/sameName.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { type FormRead, group, unless } from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { schemaOfField } from "../../jobs/calculation/field.ts";

const readRows = formReader(group({ rows: schemaOfField(SHELF_FIELD) }));

/** Reads the form of the shelf: nothing stands on it twice under one name. */
export function readShelf(fields: Fields): FormRead<ShelfStock> {
  const read = readRows(fields);
  if (!read.ok) return read;
  const rows = read.value.rows as ShelfStock["rows"];
  const twice = Object.fromEntries(
    rows.flatMap(({ name }, at) =>
      rows.findIndex((other) => sameName(other.name, name)) < at
        ? [[`rows[${at}].name`, `Expected each name once, but “${name}” stands above.`]]
        : [],
    ),
  );
  return unless<ShelfStock>(twice, () => ({ rows }));
}
