import Alert from "@mui/material/Alert";
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
import { type EaseNumber, stretchStepOf, ZONE_NAMES } from "../../../core/ease/index.ts";
import { StretchMark } from "../../figure/stretch/StretchMark.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { columnClass, consequencesIn, type PlanColumn, planTable, rules, tableWidth } from "./columns.ts";
import { PressureMark } from "./PressureMark.tsx";
import { schoolMark } from "./schoolMark.tsx";
import { UseHere } from "./UseHere.tsx";
import { Value } from "./Value.tsx";
import { type ZoneDetailProps, ZoneFields } from "./ZoneFields.tsx";
import { ZONE_ROWS, type ZoneRow } from "./zoneRows.ts";

/** One zone in full: what every school would cut and all that each would do. Any of them can be used here alone. */
export function ZoneDetail({ plan, columns, choice, version, explain }: ZoneDetailProps) {
  const lengths = useLengths();
  const { zone, smallerSide, body } = plan;
  const name = ZONE_NAMES[zone];
  const own = choice.zones[zone] !== undefined;
  return (
    <Box component="section" aria-label={name} id="zone" sx={{ scrollMarginTop: 16 }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1.5, mb: 1, flexWrap: "wrap" }}>
        <Typography variant="h2">{name}</Typography>
        <Box sx={{ color: "text.secondary" }}>
          body{" "}
          <Box component="span" sx={{ fontWeight: 650, color: "text.primary" }}>
            <Why label={`${name}, body`} explain={() => explain("body", zone, "fixed")}>
              {lengths.length(body.snugMm)}
            </Why>
          </Box>
          {body.side === "single" ? null : ` (${body.side})`}
          {smallerSide
            ? `; ${smallerSide.side} ${lengths.length(smallerSide.snugMm)}, looser by ${lengths.amount(body.snugMm - smallerSide.snugMm)}`
            : null}
        </Box>
      </Box>
      <Paper sx={{ overflowX: "auto" }}>
        <Table
          size="small"
          aria-label={`${name} by school`}
          sx={{
            ...tableWidth(columns),
            ...planTable,
            "& th, & td": { px: 1, py: 0.45 },
            "& tbody th, & tbody td": { whiteSpace: "nowrap" },
          }}
        >
          <TableHead>
            <TableRow>
              <TableCell className="quiet">garment, {lengths.unit}</TableCell>
              {columns.map((column) => (
                <TableCell key={column.id} align="right" className={columnClass(rules(choice, plan, column))}>
                  {schoolMark(column.id, rules(choice, plan, column))} {column.name}
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {ZONE_ROWS.map((row) => (
              <TableRow key={row.number}>
                <TableCell component="th">{row.name}</TableCell>
                {columns.map((column) => (
                  <NumberCell key={column.id} {...{ row, plan, column, choice, explain }} />
                ))}
              </TableRow>
            ))}
            <TableRow className="no-print">
              <TableCell component="th">At this zone</TableCell>
              {columns.map((column) => (
                <TableCell key={column.id} align="right" className={columnClass(rules(choice, plan, column))}>
                  <UseHere {...{ plan, column, choice, version }} />
                </TableCell>
              ))}
            </TableRow>
          </TableBody>
        </Table>
      </Paper>
      <Reasons plan={plan} columns={columns} />
      {own ? (
        <Form method="post" preventScrollReset>
          <ZoneFields zone={zone} version={version} />
          <Button type="submit" name="by" value="job" size="small" sx={{ mt: 1 }}>
            Back to the job’s school here
          </Button>
        </Form>
      ) : null}
    </Box>
  );
}

function NumberCell({
  row,
  plan,
  column,
  choice,
  explain,
}: Pick<ZoneDetailProps, "plan" | "choice" | "explain"> & { row: ZoneRow; column: PlanColumn }) {
  const lengths = useLengths();
  const found = consequencesIn(plan, column);
  const of = column.id === "own" ? "chosen" : column.id;
  const big = row.number === "garment" ? " girth" : "";
  const assumed = (row.number === "front" || row.number === "back") && found?.halvesAssumed;
  return (
    <TableCell align="right" className={columnClass(rules(choice, plan, column)) + big}>
      {found ? (
        <>
          <Value
            label={`${ZONE_NAMES[plan.zone]}, ${row.name.toLowerCase()}, ${column.name.toLowerCase()}`}
            explain={() => explain(row.number, plan.zone, of)}
          >
            {`${row.write(found, lengths)}${assumed ? " (half)" : ""}${found.pull?.beyondTest && BEYOND.includes(row.number) ? " *" : ""}`}
          </Value>
          {row.number === "shareUsed" ? (
            <div>
              <StretchMark step={stretchStepOf(found.shareUsed, found.strain)} />
            </div>
          ) : null}
          {row.number === "pressure" && found.pull ? (
            <div className="small">
              <PressureMark band={found.pull.band} withWord />
            </div>
          ) : null}
        </>
      ) : (
        <span className="quiet">—</span>
      )}
    </TableCell>
  );
}

/** Rows that say where the curve was drawn on past its test. */
const BEYOND: readonly EaseNumber[] = ["tension", "pressure"];

/** Why schools have no answer in this zone, in whole sentences. */
function Reasons({ plan, columns }: Pick<ZoneDetailProps, "plan" | "columns">) {
  const reasons = columns.flatMap(({ id, name }) => {
    const answer = id === "own" ? null : plan.bySchool[id];
    return answer && !answer.ok ? [{ name, message: answer.problem.message }] : [];
  });
  if (reasons.length === 0) return null;
  return (
    <Alert severity="info" icon={false} sx={{ mt: 1 }}>
      {reasons.map(({ name, message }) => (
        <div key={name}>
          <strong>{name}:</strong> {message}
        </div>
      ))}
    </Alert>
  );
}
