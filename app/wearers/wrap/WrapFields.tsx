import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import type { ReactNode } from "react";
import { WRAP_COUNTS } from "../../../core/torso/index.ts";
import { DayInput } from "../../form/DayInput.tsx";
import { FieldError } from "../../form/FieldError.tsx";
import { useFieldState } from "../../form/FormState.tsx";
import { NumberCell } from "../../form/NumberTable.tsx";
import { PickCell } from "../../form/PickInput.tsx";
import { AddRow } from "../../form/rows/AddRow.tsx";
import { SortableRow } from "../../form/rows/SortableRow.tsx";
import { SortableRows } from "../../form/rows/SortableRows.tsx";
import { useRows } from "../../form/rows/useRows.ts";
import { TextInput } from "../../form/TextInput.tsx";
import { EDGES, edgeFields, MOST_EDGES } from "./wrapFields.ts";

/** A wrap's edges as a table to type in: the piece, the length, what it counts to, and the seam it is sewn in. */
export function WrapFields({ unit }: { unit: string }) {
  const list = useRows(EDGES);
  return (
    <>
      <Box sx={{ display: "grid", gridTemplateColumns: "2fr 1fr", gap: 1.5, maxWidth: 640 }}>
        <TextInput name="name" label="Name" required hint="For example: first wrap, standing." />
        <DayInput name="takenOn" label="Wrapped on" />
      </Box>
      <SortableRows {...list} what="edge">
        <Paper sx={{ overflowX: "auto", width: "fit-content", maxWidth: "100%", mb: 1 }}>
          <Table size="small" aria-label="Edges" sx={{ width: "auto", "& th, & td": { px: 0.75, py: 0.35 } }}>
            <TableHead>
              <TableRow>
                <TableCell />
                {["Piece", `Edge, ${unit}`, "Counts to", "For both sides", "Seam"].map((head) => (
                  <TableCell key={head}>{head}</TableCell>
                ))}
                <TableCell />
              </TableRow>
            </TableHead>
            <TableBody>
              {list.rows.map((row) => (
                <SortableRow key={row.key} list={list} row={row} label={`edge ${row.index + 1}`} component={TableRow}>
                  {(tools) => <EdgeCells row={row.index} {...tools} />}
                </SortableRow>
              ))}
            </TableBody>
          </Table>
        </Paper>
      </SortableRows>
      <Box sx={{ color: "text.secondary", fontSize: "0.9rem", mb: 1.5 }}>
        A seam has a letter or two, such as A: two edges with the same letters are sewn together and must be of one
        length.
      </Box>
      <FieldError name={EDGES} />
      {list.rows.length < MOST_EDGES ? (
        <Box sx={{ mb: 1.5 }}>
          <AddRow list={list}>Another edge</AddRow>
        </Box>
      ) : null}
      <TextInput name="notes" label="Notes" lines={2} />
    </>
  );
}

function EdgeCells({ row, handle, out }: { row: number; handle: ReactNode; out: ReactNode }) {
  const names = edgeFields(row);
  const twice = useFieldState(names.twice);
  const edge = `Edge ${row + 1}`;
  return (
    <>
      <TableCell>{handle}</TableCell>
      <TableCell>
        <NumberCell name={names.piece} label={`${edge}, piece`} wide width={150} />
      </TableCell>
      <TableCell>
        <NumberCell name={names.length} label={`${edge}, length`} wide />
      </TableCell>
      <TableCell sx={{ minWidth: 170 }}>
        <PickCell
          name={names.counts}
          label={`${edge}, counts to`}
          first="none"
          choices={WRAP_COUNTS.map(({ id, words }) => ({ value: id, label: words }))}
        />
      </TableCell>
      <TableCell align="center">
        <Checkbox
          name={names.twice}
          value="yes"
          defaultChecked={twice.value === "yes"}
          slotProps={{ input: { "aria-label": `${edge}, stands for both sides` } }}
        />
      </TableCell>
      <TableCell>
        <NumberCell name={names.seam} label={`${edge}, seam`} />
      </TableCell>
      <TableCell>{out}</TableCell>
    </>
  );
}
