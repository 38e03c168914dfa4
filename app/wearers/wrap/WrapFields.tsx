import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useContext, useState } from "react";
import { WRAP_COUNTS } from "../../../core/torso/index.ts";
import { FormState, useFieldState } from "../../form/FormState.tsx";
import { NumberCell } from "../../form/NumberTable.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { edgeFields, LEAST_EDGES, MOST_EDGES } from "./wrapFields.ts";

/** A wrap's edges as a table to type in: the piece, the length, what it counts to, and the seam it is sewn in. */
export function WrapFields({ unit }: { unit: string }) {
  const { values } = useContext(FormState);
  const filled = Array.from({ length: MOST_EDGES }, (_, index) => index + 1).filter(
    (row) => values[edgeFields(row).piece],
  ).length;
  const [rows, setRows] = useState(Math.min(MOST_EDGES, Math.max(LEAST_EDGES, filled + 2)));
  return (
    <>
      <Box sx={{ display: "grid", gridTemplateColumns: "2fr 1fr", gap: 1.5, maxWidth: 640 }}>
        <TextInput name="name" label="Name" required hint="For example: first wrap, standing." />
        <TextInput name="takenOn" label="Wrapped on" type="date" />
      </Box>
      <Paper sx={{ overflowX: "auto", width: "fit-content", maxWidth: "100%", mb: 1 }}>
        <Table size="small" aria-label="Edges" sx={{ width: "auto", "& th, & td": { px: 0.75, py: 0.35 } }}>
          <TableHead>
            <TableRow>
              {["Piece", `Edge, ${unit}`, "Counts to", "For both sides", "Seam"].map((head) => (
                <TableCell key={head}>{head}</TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {Array.from({ length: rows }, (_, index) => (
              <EdgeRow key={edgeFields(index + 1).piece} row={index + 1} />
            ))}
          </TableBody>
        </Table>
      </Paper>
      <Box sx={{ color: "text.secondary", fontSize: "0.9rem", mb: 1.5 }}>
        A seam has a letter or two, such as A: two edges with the same letters are sewn together and must be of one
        length.
      </Box>
      {rows < MOST_EDGES ? (
        <Button onClick={() => setRows(Math.min(MOST_EDGES, rows + 6))} sx={{ mb: 1.5 }}>
          More edges
        </Button>
      ) : null}
      <TextInput name="notes" label="Notes" lines={2} />
    </>
  );
}

function EdgeRow({ row }: { row: number }) {
  const names = edgeFields(row);
  const counts = useFieldState(names.counts);
  const twice = useFieldState(names.twice);
  return (
    <TableRow>
      <TableCell>
        <NumberCell name={names.piece} label={`Edge ${row}, piece`} wide width={150} />
      </TableCell>
      <TableCell>
        <NumberCell name={names.length} label={`Edge ${row}, length`} wide />
      </TableCell>
      <TableCell>
        <Box
          component="select"
          name={names.counts}
          aria-label={`Edge ${row}, counts to`}
          defaultValue={counts.value || "none"}
          sx={{ height: 36, font: "inherit", color: "text.primary", bgcolor: "background.paper", borderRadius: 0.75 }}
        >
          {WRAP_COUNTS.map(({ id, words }) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </Box>
      </TableCell>
      <TableCell align="center">
        <Box
          component="input"
          type="checkbox"
          name={names.twice}
          value="yes"
          aria-label={`Edge ${row}, stands for both sides`}
          defaultChecked={twice.value === "yes"}
          sx={{ width: 20, height: 20, accentColor: "var(--stz-palette-primary-main)" }}
        />
      </TableCell>
      <TableCell>
        <NumberCell name={names.seam} label={`Edge ${row}, seam`} />
      </TableCell>
    </TableRow>
  );
}
