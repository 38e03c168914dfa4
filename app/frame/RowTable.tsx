import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import type { ReactNode } from "react";
import { plainTable } from "./plainTable.ts";

/** One column: numbers stand right; words keep to one line. */
export interface Column {
  readonly head: string;
  readonly as?: "number" | "words";
}

/** One cell; those that matter most are strong, those that are off stand out. */
export type Cell = ReactNode | { readonly show: ReactNode; readonly look: "strong" | "off" };

/** One row, the first of its cells its heading. */
export interface Row {
  readonly key: string | number;
  readonly head: ReactNode;
  readonly cells: readonly Cell[];
}

interface RowTableProps {
  readonly label: string;
  /** Headings of the columns, that of the rows' headings first. */
  readonly columns: readonly Column[];
  readonly rows: readonly Row[];
  readonly maxWidth?: number;
}

/** A table of rows that are called by their first cell; wider than its place, it scrolls. */
export function RowTable({ label, columns, rows, maxWidth }: RowTableProps) {
  return (
    <Paper sx={{ overflowX: "auto", mb: 2, ...(maxWidth ? { maxWidth } : {}) }}>
      <Box component="table" aria-label={label} sx={plainTable}>
        <thead>
          <tr>
            {columns.map(({ head, as }) => (
              <th key={head} scope="col" className={as === "number" ? "number" : undefined}>
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, head, cells }) => (
            <tr key={key}>
              <th scope="row" className="words">
                {head}
              </th>
              {cells.map((cell, at) => {
                const column = columns[at + 1];
                const told = looked(cell);
                return (
                  <td key={column?.head} className={`${column?.as ?? ""} ${told.look}`.trim() || undefined}>
                    {told.show}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Box>
    </Paper>
  );
}

/** A cell with its look. */
function looked(cell: Cell): { readonly show: ReactNode; readonly look: string } {
  return typeof cell === "object" && cell !== null && "look" in cell ? cell : { show: cell as ReactNode, look: "" };
}
