import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { useFieldState } from "./FormState.tsx";

/** A row of number fields. */
export interface NumberRow {
  readonly name: string;
  /** Field of each column; null where the row has none. */
  readonly fields: readonly (string | null)[];
}

/** Number fields in a table: one heading a column, one a row, errors beside the field. */
export function NumberTable({
  label,
  short,
  columns,
  rows,
}: {
  label: string;
  /** What its numbers are, in a word: begins the label of each field. */
  short: string;
  columns: readonly string[];
  rows: readonly NumberRow[];
}) {
  return (
    <Paper sx={{ overflowX: "auto", width: "fit-content", maxWidth: "100%", mb: 2 }}>
      <Table size="small" aria-label={label} sx={{ width: "auto", "& th, & td": { px: 0.75, py: 0.4 } }}>
        <TableHead>
          <TableRow>
            <TableCell />
            {columns.map((column) => (
              <TableCell key={column} sx={{ fontSize: "0.85rem" }}>
                {column}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map(({ name, fields }) => (
            <TableRow key={name}>
              <TableCell component="th" sx={{ whiteSpace: "nowrap" }}>
                {name}
              </TableCell>
              {fields.map((field, index) => (
                <TableCell key={columns[index]}>
                  {field ? <NumberCell name={field} label={`${short}: ${name}, ${columns[index]}`} /> : null}
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}

/** One number field of a table; its heading is its label. */
export function NumberCell({
  name,
  label,
  wide = false,
  width = wide ? 92 : 66,
  placeholder,
}: {
  name: string;
  label: string;
  /** Holds a text or a number with its unit. */
  wide?: boolean;
  /** px. */
  width?: number;
  /** What an empty one stands for. */
  placeholder?: string | undefined;
}) {
  const { value, error } = useFieldState(name);
  return (
    <>
      <Box
        component="input"
        id={`field-${name}`}
        name={name}
        defaultValue={value}
        aria-label={label}
        placeholder={placeholder}
        aria-invalid={error !== undefined}
        aria-describedby={error ? `error-${name}` : undefined}
        inputMode={wide ? "text" : "decimal"}
        autoComplete="off"
        sx={{
          width,
          height: 36,
          px: 0.75,
          font: "inherit",
          textAlign: wide ? "left" : "right",
          color: "text.primary",
          bgcolor: "background.paper",
          border: 1.5,
          borderColor: error ? "error.main" : "divider",
          borderRadius: 0.75,
          "&:focus-visible": { outline: "3px solid", outlineColor: "secondary.main", outlineOffset: 1 },
        }}
      />
      {error ? (
        <Box id={`error-${name}`} role="alert" sx={{ color: "error.main", fontSize: "0.8rem", maxWidth: 180 }}>
          {error}
        </Box>
      ) : null}
    </>
  );
}
