import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import type { ReactNode } from "react";
import type { WorkingCell, WorkingField } from "../../../core/calculation/index.ts";
import { capital } from "../../../core/capital.ts";
import type { LengthUnit } from "../../../core/units/index.ts";
import { FieldError } from "../../form/FieldError.tsx";
import { useFieldState } from "../../form/FormState.tsx";
import { NumberCell } from "../../form/NumberTable.tsx";
import { PickCell } from "../../form/PickInput.tsx";
import { AddRow } from "../../form/rows/AddRow.tsx";
import { SortableRow } from "../../form/rows/SortableRow.tsx";
import { SortableRows } from "../../form/rows/SortableRows.tsx";
import { useRows } from "../../form/rows/useRows.ts";
import { inRow } from "../../form/rows/withRows.ts";
import { suffixOfCell } from "./field.ts";

type RowsOf = Extract<WorkingField, { as: "rows" }>;
type Cells = readonly (readonly [string, WorkingCell])[];

/** A list of rows of a calculation as a table to type in: rows added, moved and taken out. */
export function RowsField({ name, field, unit }: { name: string; field: RowsOf; unit: LengthUnit }) {
  const list = useRows(name);
  const cells = Object.entries(field.cells);
  const seen = cells.filter(([, cell]) => cell.as !== "unseen");
  return (
    <Box sx={{ mb: 1.5 }}>
      <Typography sx={{ fontWeight: 600, fontSize: "0.92rem", mb: 0.5 }}>{field.label}</Typography>
      <SortableRows {...list} what={field.row}>
        <Paper sx={{ overflowX: "auto", width: "fit-content", maxWidth: "100%", mb: 1 }}>
          <Table size="small" aria-label={field.label} sx={tableStyle}>
            <TableHead>
              <TableRow>
                <TableCell />
                {seen.map(([cell, own]) => (
                  <TableCell key={cell}>{headOf(own, unit)}</TableCell>
                ))}
                <TableCell />
              </TableRow>
            </TableHead>
            <TableBody>
              {list.rows.map((row) => (
                <SortableRow
                  key={row.key}
                  list={list}
                  row={row}
                  label={`${field.row} ${row.index + 1}`}
                  component={TableRow}
                >
                  {(tools) => <RowCells {...tools} list={name} row={row.index} what={field.row} cells={cells} />}
                </SortableRow>
              ))}
            </TableBody>
          </Table>
        </Paper>
      </SortableRows>
      <FieldError name={name} />
      {list.rows.length < field.most ? <AddRow list={list}>{`Another ${field.row}`}</AddRow> : null}
    </Box>
  );
}

const tableStyle = {
  width: "auto",
  "& th, & td": { px: 0.75, py: 0.35 },
  "& th": { lineHeight: 1.2, verticalAlign: "bottom" },
} as const;

function headOf(cell: WorkingCell, unit: LengthUnit): string {
  const suffix = suffixOfCell(cell, unit);
  return suffix ? `${cell.label}, ${suffix}` : cell.label;
}

interface RowCellsProps {
  readonly list: string;
  readonly row: number;
  readonly what: string;
  readonly cells: Cells;
  readonly handle: ReactNode;
  readonly out: ReactNode;
}

function RowCells({ list, row, what, cells, handle, out }: RowCellsProps) {
  const seen = cells.filter(([, cell]) => cell.as !== "unseen");
  const unseen = cells.filter(([, cell]) => cell.as === "unseen");
  const title = `${capital(what)} ${row + 1}`;
  return (
    <>
      <TableCell>
        {handle}
        {unseen.map(([cell]) => (
          <UnseenCell key={cell} name={inRow(list, row, cell)} />
        ))}
      </TableCell>
      {seen.map(([cell, own]) => (
        <TableCell key={cell} align={own.as === "check" ? "center" : "left"}>
          <OneCell
            name={inRow(list, row, cell)}
            cell={own}
            label={`${title}, ${own.label.toLowerCase()}`}
            from={unseen.map(([other]) => inRow(list, row, other))}
          />
        </TableCell>
      ))}
      <TableCell>{out}</TableCell>
    </>
  );
}

/** What goes with a row without being typed. */
function UnseenCell({ name }: { name: string }) {
  const { value } = useFieldState(name);
  return <input type="hidden" name={name} defaultValue={value} />;
}

/** @param from the unseen cells of its row: where one says something, an empty cell is what it comes to. */
function OneCell({
  name,
  cell,
  label,
  from,
}: {
  name: string;
  cell: WorkingCell;
  label: string;
  from: readonly string[];
}) {
  const { value } = useFieldState(name);
  const { value: unseen } = useFieldState(from[0] ?? name);
  if (cell.as === "choice")
    return <PickCell name={name} label={label} first={cell.choices[0]?.value ?? ""} choices={cell.choices} />;
  if (cell.as === "check")
    return (
      <Checkbox
        name={name}
        value="yes"
        defaultChecked={value === "yes"}
        slotProps={{ input: { "aria-label": label } }}
      />
    );
  const placeholder = from.length > 0 && unseen !== "" ? cell.hint : undefined;
  return <NumberCell name={name} label={label} wide width={widthOf(cell)} placeholder={placeholder} />;
}

/** A name of more letters than this is what its row is about, and has the room for it. */
const LONG_NAME = 60;

/** px */
function widthOf(cell: WorkingCell): number {
  if (cell.as === "day") return 112;
  if (cell.as === "text") return cell.wide ? (cell.most > LONG_NAME ? 210 : 112) : 52;
  return cell.as === "signed" || cell.as === "small" ? 72 : 84;
}
