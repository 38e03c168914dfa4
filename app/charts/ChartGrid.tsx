import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { CHART_MEASURE_NAMES, CHART_MEASURES, type ChartKind } from "../../core/ease/index.ts";
import { FieldError } from "../form/FieldError.tsx";
import { NumberCell } from "../form/NumberTable.tsx";
import { AddRow } from "../form/rows/AddRow.tsx";
import { SortableRow } from "../form/rows/SortableRow.tsx";
import { SortableRows } from "../form/rows/SortableRows.tsx";
import { type Row, type Rows, useRows } from "../form/rows/useRows.ts";
import { girthField, MOST_ROWS, SIZES, sizeField } from "./chartFields.ts";

const KINDS: readonly { readonly kind: ChartKind; readonly words: string }[] = [
  { kind: "body", words: "BODY the size is drawn for" },
  { kind: "finished", words: "GARMENT as finished" },
];

/** A chart as a table to type in: a row a size, body and finished girths apart, each headed by its kind. */
export function ChartGrid({ unit }: { unit: string }) {
  const list = useRows(SIZES);
  return (
    <SortableRows {...list} what="size">
      <Paper sx={{ overflowX: "auto", width: "fit-content", maxWidth: "100%", mb: 1 }}>
        <Table size="small" aria-label="Sizes" sx={{ width: "auto", "& th, & td": { px: 0.5, py: 0.35 } }}>
          <TableHead>
            <TableRow>
              <TableCell colSpan={2} />
              {KINDS.map(({ kind, words }) => (
                <TableCell key={kind} colSpan={CHART_MEASURES.length} sx={kindStyle(kind)}>
                  {words}, {unit}
                </TableCell>
              ))}
            </TableRow>
            <TableRow>
              <TableCell colSpan={2}>Size</TableCell>
              {KINDS.flatMap(({ kind }) =>
                CHART_MEASURES.map((zone) => (
                  <TableCell key={`${kind} ${zone}`} sx={{ ...kindStyle(kind), fontSize: "0.82rem" }}>
                    {CHART_MEASURE_NAMES[zone]}
                  </TableCell>
                )),
              )}
            </TableRow>
          </TableHead>
          <TableBody>
            {list.rows.map((row) => (
              <SizeRow key={row.key} list={list} row={row} />
            ))}
          </TableBody>
        </Table>
      </Paper>
      <FieldError name={SIZES} />
      <Box sx={{ mb: 2 }}>{list.rows.length < MOST_ROWS ? <AddRow list={list}>Another size</AddRow> : null}</Box>
    </SortableRows>
  );
}

function SizeRow({ list, row }: { list: Rows; row: Row }) {
  const number = row.index + 1;
  return (
    <SortableRow list={list} row={row} label={`size ${number}`} component={TableRow}>
      {({ handle, out }) => (
        <>
          <TableCell>{handle}</TableCell>
          <TableCell>
            <NumberCell name={sizeField(row.index)} label={`Size ${number}`} wide />
          </TableCell>
          {KINDS.flatMap(({ kind }) =>
            CHART_MEASURES.map((zone) => (
              <TableCell key={`${kind} ${zone}`} sx={kindStyle(kind)}>
                <NumberCell
                  name={girthField(row.index, kind, zone)}
                  label={`Size ${number}, ${kind} ${CHART_MEASURE_NAMES[zone].toLowerCase()}`}
                />
              </TableCell>
            )),
          )}
          <TableCell>{out}</TableCell>
        </>
      )}
    </SortableRow>
  );
}

/** Garment columns are sunken and set off by a line, beside their heading. */
const kindStyle = (kind: ChartKind) =>
  kind === "finished" ? ({ bgcolor: "bench.sunken", borderLeft: 1, borderLeftColor: "divider" } as const) : {};
