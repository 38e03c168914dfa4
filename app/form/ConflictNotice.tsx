import Alert from "@mui/material/Alert";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { formatDay } from "../../core/units/index.ts";
import type { ConflictRow } from "./unsaved.ts";

/** Shows an edit beside the newer one it met. Yours stays in the form; saving again is the maker's word. */
export function ConflictNotice({ rows }: { rows: readonly ConflictRow[] }) {
  return (
    <Alert severity="warning" sx={{ mb: 2, "& .MuiAlert-message": { width: "100%" } }}>
      Somebody saved this meanwhile, so yours was not written over it. Yours is still in the form.
      <Table size="small" aria-label="Your edit beside the newer one" sx={{ mt: 1 }}>
        <TableHead>
          <TableRow>
            <TableCell />
            <TableCell>Yours, not saved</TableCell>
            <TableCell>Theirs, saved</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map(({ name, label, yours, theirs }) => (
            <TableRow key={name}>
              <TableCell component="th">{label}</TableCell>
              <TableCell sx={{ fontWeight: yours === theirs ? 400 : 700 }}>{formatDay(yours) || "—"}</TableCell>
              <TableCell sx={{ fontWeight: yours === theirs ? 400 : 700 }}>{formatDay(theirs) || "—"}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Alert>
  );
}
