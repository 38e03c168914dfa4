import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { type ChangeStatus, findingKindOf, type JobChange, spotOf } from "../../../core/fitting/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

type ListedChange = JobChange & { readonly status: ChangeStatus };

/** Every change of the job with where it stands and what it did. */
export function AllChanges({ changes }: { changes: readonly ListedChange[] }) {
  const lengths = useLengths();
  if (changes.length === 0) return null;
  return (
    <Box component="section" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        All changes of this job
      </Typography>
      <Paper sx={{ overflowX: "auto" }}>
        <Table aria-label="All changes of this job" size="small">
          <TableHead>
            <TableRow>
              <TableCell align="right">No.</TableCell>
              <TableCell>For</TableCell>
              <TableCell>Where</TableCell>
              <TableCell align="right">Change</TableCell>
              <TableCell>Stands at</TableCell>
              <TableCell>Why</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {changes.map(({ change, finding, judgement, status }) => (
              <TableRow key={change.id}>
                <TableCell align="right">{change.id}</TableCell>
                <TableCell component="th">{finding ? findingKindOf(finding.kind).name : "Own change"}</TableCell>
                <TableCell>
                  {spotOf(change.spot).name}
                  {change.side === "both" ? "" : `, ${change.side}`}
                </TableCell>
                <TableCell align="right">
                  {change.amountMm === null
                    ? status === "refused"
                      ? "—"
                      : change.line
                    : lengths.difference(change.amountMm)}
                </TableCell>
                <TableCell>
                  {status === "judged" && judgement
                    ? `${judgement.verdict}, in prototype ${change.cutInto}`
                    : status === "cut"
                      ? `cut into prototype ${change.cutInto}`
                      : status === "waiting"
                        ? `waits: ${change.waitsFor}`
                        : status}
                  {finding === null && change.cutInto === null ? (
                    <Form method="post">
                      <input type="hidden" name="change" value={change.id} />
                      <input type="hidden" name="version" value={change.version} />
                      <Button size="small" type="submit" name="intent" value="withdraw">
                        Take it back
                      </Button>
                    </Form>
                  ) : null}
                </TableCell>
                <TableCell sx={{ color: "text.secondary" }}>{change.reason}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Paper>
    </Box>
  );
}
