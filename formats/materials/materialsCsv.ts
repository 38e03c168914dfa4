import type { MaterialRow } from "../../core/materials/index.ts";
import { writeCsv } from "../csv.ts";

/** Columns of the list: a material a row; amounts in m or pieces, as `unit` says. */
export const MATERIAL_COLUMNS = ["name", "what", "unit", "needed", "on_shelf", "to_buy", "cost"] as const;

/** A hundredth is finer than anything is bought. */
const fine = (value: number): number => Math.round(value * 100) / 100;

/** What one garment takes. */
export const materialsCsv = (rows: readonly MaterialRow[]): string =>
  writeCsv(
    [
      [...MATERIAL_COLUMNS],
      ...rows.map(({ name, what, unit, need, there, buy, cost }) => [
        ...[name, what, unit, fine(need), there === null ? "" : fine(there)],
        ...[fine(buy.result.value), cost ? fine(cost.result.value) : ""],
      ]),
    ],
    { newline: "\r\n" },
  );
