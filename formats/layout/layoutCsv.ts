import { type Layout, numberedPieces, placedExtent } from "../../core/layout/index.ts";
import { writeCsv } from "../csv.ts";

/** Columns of the list: a piece a row, where it lies. Lengths in mm. */
export const LAYOUT_COLUMNS = [
  "number",
  "piece",
  "along_from_mm",
  "along_to_mm",
  "across_from_mm",
  "across_to_mm",
  "how",
] as const;

/** A tenth of a millimetre is finer than any shears. */
const mm = (length: number): number => Math.round(length * 10) / 10;

/** Where each piece of a layout lies. */
export const layoutCsv = ({ placed }: Layout): string =>
  writeCsv(
    [
      [...LAYOUT_COLUMNS],
      ...numberedPieces(placed).map(({ number, placed: one }) => {
        const { from, to, how } = placedExtent(one);
        return [number, one.shape.name, mm(from.x), mm(to.x), mm(from.y), mm(to.y), how];
      }),
    ],
    { newline: "\r\n" },
  );
