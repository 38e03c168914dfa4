import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import type { LabelReckoning } from "../../../core/cups/index.ts";

const MARKETS = [
  { id: "en", name: "EN", rule: "by 5 cm" },
  { id: "fr", name: "FR, ES, BE", rule: "EN band + 15" },
  { id: "uk", name: "UK", rule: "inches" },
  { id: "us", name: "US", rule: "inches" },
  { id: "au", name: "AU, NZ", rule: "UK band − 22" },
] as const;

/** The wearer's label in every market as the middle rung of the ladder of sister sizes. */
export function LabelTable({ label }: { label: LabelReckoning }) {
  return (
    <>
      <Paper sx={{ overflowX: "auto", mb: 1 }}>
        <Table size="small" aria-label="Labels and sister sizes">
          <TableHead>
            <TableRow>
              <TableCell />
              {MARKETS.map(({ id, name, rule }) => (
                <TableCell key={id} sx={{ verticalAlign: "top", whiteSpace: "nowrap" }}>
                  {name}
                  <Box sx={{ fontSize: "0.78rem", color: "text.secondary", fontWeight: 400 }}>{rule}</Box>
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {label.sisters.map(({ bandsUp, labels }) => (
              <TableRow key={bandsUp} sx={bandsUp === 0 ? { bgcolor: "bench.sunken" } : {}}>
                <TableCell component="th" sx={{ whiteSpace: "nowrap" }}>
                  {bandsUp === 0 ? (
                    <strong>the wearer’s</strong>
                  ) : (
                    `${Math.abs(bandsUp)} band${Math.abs(bandsUp) > 1 ? "s" : ""} ${bandsUp > 0 ? "up" : "down"}`
                  )}
                </TableCell>
                {MARKETS.map(({ id }) => (
                  <TableCell
                    key={id}
                    sx={bandsUp === 0 ? { fontWeight: 750, fontSize: "1.1rem" } : { color: "text.secondary" }}
                  >
                    {labels[id] ?? (bandsUp === 0 ? "outside" : "—")}
                  </TableCell>
                ))}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Paper>
      <Box sx={{ fontSize: "0.92rem", color: "text.secondary", mb: 1 }}>
        Inches: {label.rule} One band up and one letter down keeps the cup’s volume and its wire.
      </Box>
    </>
  );
}
