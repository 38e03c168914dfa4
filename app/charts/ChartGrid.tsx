import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useContext, useState } from "react";
import { CHART_MEASURE_NAMES, CHART_MEASURES, type ChartKind } from "../../core/ease/index.ts";
import { FormState } from "../form/FormState.tsx";
import { NumberCell } from "../form/NumberTable.tsx";
import { girthField, LEAST_ROWS, MOST_ROWS, sizeField } from "./chartFields.ts";

const KINDS: readonly { readonly kind: ChartKind; readonly words: string }[] = [
  { kind: "body", words: "BODY the size is drawn for" },
  { kind: "finished", words: "GARMENT as finished" },
];

/** A chart as a table to type in: a row a size, body and finished girths apart, each headed by its kind. */
export function ChartGrid({ unit }: { unit: string }) {
  const { values } = useContext(FormState);
  const filled = Array.from({ length: MOST_ROWS }, (_, row) => row).filter((row) => values[sizeField(row)]).length;
  const [rows, setRows] = useState(Math.max(LEAST_ROWS, filled));
  return (
    <>
      <Paper sx={{ overflowX: "auto", width: "fit-content", maxWidth: "100%", mb: 1 }}>
        <Table size="small" aria-label="Sizes" sx={{ width: "auto", "& th, & td": { px: 0.5, py: 0.35 } }}>
          <TableHead>
            <TableRow>
              <TableCell />
              {KINDS.map(({ kind, words }) => (
                <TableCell key={kind} colSpan={CHART_MEASURES.length} sx={kindStyle(kind)}>
                  {words}, {unit}
                </TableCell>
              ))}
            </TableRow>
            <TableRow>
              <TableCell>Size</TableCell>
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
            {Array.from({ length: rows }, (_, row) => (
              <TableRow key={sizeField(row)}>
                <TableCell>
                  <NumberCell name={sizeField(row)} label={`Size ${row + 1}`} wide />
                </TableCell>
                {KINDS.flatMap(({ kind }) =>
                  CHART_MEASURES.map((zone) => (
                    <TableCell key={`${kind} ${zone}`} sx={kindStyle(kind)}>
                      <NumberCell
                        name={girthField(row, kind, zone)}
                        label={`Size ${row + 1}, ${kind} ${CHART_MEASURE_NAMES[zone].toLowerCase()}`}
                      />
                    </TableCell>
                  )),
                )}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Paper>
      <Box sx={{ mb: 2 }}>
        {rows < MOST_ROWS ? <Button onClick={() => setRows(Math.min(MOST_ROWS, rows + 4))}>More sizes</Button> : null}
      </Box>
    </>
  );
}

/** Garment columns are sunken and set off by a line, beside their heading. */
const kindStyle = (kind: ChartKind) =>
  kind === "finished" ? ({ bgcolor: "bench.sunken", borderLeft: 1, borderLeftColor: "divider" } as const) : {};
