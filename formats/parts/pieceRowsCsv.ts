import type { PieceRow } from "../../core/parts/index.ts";
import { writeCsv } from "../csv.ts";

/** Columns of the list: a piece a row. */
export const PIECE_ROW_COLUMNS = [
  "piece",
  "count",
  "how",
  "cloth",
  "allowances",
  "changes_with",
  "drawn",
  "cut",
  "advice",
] as const;

/** Every piece of a garment, to be counted and ticked elsewhere. */
export const pieceRowsCsv = (rows: readonly PieceRow[], cut: readonly string[]): string =>
  writeCsv(
    [
      [...PIECE_ROW_COLUMNS],
      ...rows.map(({ id, name, count, how, cloth, allowances, links, drawn, advice }) => [
        ...[name, count, how, cloth, allowances, links.join("; ")],
        ...[drawn ? "yes" : "no", cut.includes(id) ? "yes" : "no", advice.join(" ")],
      ]),
    ],
    { newline: "\r\n" },
  );
