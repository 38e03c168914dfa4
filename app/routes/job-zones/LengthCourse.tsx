import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { explainLengthNow } from "../../../core/fitting/explain/explainRing.ts";
import type { NextLength } from "../../../core/fitting/nextLengths.ts";
import { useLengths } from "../../components/units/UnitContext.tsx";
import { Why } from "../../components/why/WhyDrawer.tsx";

/** Lengths as planned from body and cloth, changed by findings, and planned next. */
export function LengthCourse({ lengths }: { lengths: readonly NextLength[] }) {
  const written = useLengths();
  if (lengths.length === 0) return null;
  return (
    <Box component="section">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Lengths
      </Typography>
      <Paper sx={{ overflowX: "auto", maxWidth: 760 }}>
        <Table aria-label="Lengths, planned next" size="small">
          <TableHead>
            <TableRow>
              <TableCell>Length, {written.unit}</TableCell>
              <TableCell align="right">Body</TableCell>
              <TableCell align="right">From body and cloth</TableCell>
              <TableCell align="right">Changed</TableCell>
              <TableCell align="right">Now planned</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {lengths.map(({ id, name, bodyMm, cutMm, changedMm, nowMm }) => (
              <TableRow key={id}>
                <TableCell component="th">{name}</TableCell>
                <TableCell align="right" sx={{ color: "text.secondary" }}>
                  {written.bare(bodyMm)}
                </TableCell>
                <TableCell align="right">{written.bare(cutMm)}</TableCell>
                <TableCell align="right">{changedMm === 0 ? "—" : written.difference(changedMm)}</TableCell>
                <TableCell align="right" sx={{ fontWeight: 750 }}>
                  <Why
                    label={`${name}, now planned`}
                    explain={() => explainLengthNow({ name, cutMm, changedMm, nowMm })}
                  >
                    {written.bare(nowMm)}
                  </Why>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Paper>
    </Box>
  );
}
