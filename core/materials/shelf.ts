import { Type } from "typebox";
import type { ShelfStock, WorkingField } from "../calculation/index.ts";
import { sameName } from "../sameName.ts";

/** How something of the shelf is counted: by the metre, or by the piece. */
export const SHELF_UNITS = ["m", "pc"] as const;

/** One of {@link SHELF_UNITS}. */
export type ShelfUnit = (typeof SHELF_UNITS)[number];

/** Most that is on a shelf. */
export const MOST_ON_SHELF = 300;

const orNull = Type.Union([Type.Number({ minimum: 0 }), Type.Null()]);

/** What there is on the shelf, by name; prices are of a metre or a piece, in the workshop's own money, and may be left open. */
export const SHELF = Type.Object(
  {
    rows: Type.Array(
      Type.Object(
        {
          name: Type.String({ minLength: 1, maxLength: 80 }),
          unit: Type.Enum([...SHELF_UNITS]),
          amount: orNull,
          price: orNull,
        },
        { additionalProperties: false },
      ),
      { maxItems: MOST_ON_SHELF },
    ),
  },
  { additionalProperties: false },
);

/** A shelf with nothing on it. */
export const EMPTY_SHELF: ShelfStock = { rows: [] };

/** The shelf as rows of a form. */
export const SHELF_FIELD: Extract<WorkingField, { as: "rows" }> = {
  as: "rows",
  label: "On the shelf",
  row: "row",
  rowBy: ["name", "amount", "price"],
  most: MOST_ON_SHELF,
  cells: {
    name: { as: "text", label: "What", needed: true, most: 80, wide: true },
    unit: {
      as: "choice",
      label: "Counted in",
      choices: [
        { value: "m", label: "m" },
        { value: "pc", label: "pieces" },
      ],
    },
    amount: { as: "number", label: "There is", least: 0, most: 100_000 },
    price: { as: "number", label: "Price of one", least: 0, most: 100_000 },
  },
};

/** What of the shelf is called so; null where nothing is. */
export const onShelf = ({ rows }: ShelfStock, name: string): ShelfStock["rows"][number] | null =>
  rows.find((row) => sameName(row.name, name)) ?? null;
