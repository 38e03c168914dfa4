import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import {
  type EaseChoice,
  type EaseColumn,
  type EaseNumber,
  stretchStepOf,
  ZONE_NAMES,
  type Zone,
  type ZonePlan,
} from "../../../core/ease/index.ts";
import type { Explanation } from "../../../core/explain/index.ts";
import { StretchMark } from "../../figure/stretch/StretchMark.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { columnClass, consequencesIn, type PlanColumn, planTable, rules, tableWidth } from "./columns.ts";
import { PressureMark } from "./PressureMark.tsx";
import { schoolMark } from "./schoolMark.tsx";

/** Opens the formula of a number of a zone and column. */
export type ExplainPlan = (number: EaseNumber, zone: Zone, column: EaseColumn) => Explanation | null;

interface PlanTableProps {
  readonly zones: readonly ZonePlan[];
  readonly columns: readonly PlanColumn[];
  readonly choice: EaseChoice;
  /** The zone that is shown in full below. */
  readonly shown: Zone;
  readonly explain: ExplainPlan;
}

/** Every zone by every school: what would be cut, and what it does. A zone's name opens it in full. */
export function PlanTable({ zones, columns, choice, shown, explain }: PlanTableProps) {
  const lengths = useLengths();
  return (
    <Paper sx={{ overflowX: "auto", mb: 2 }}>
      <Table
        size="small"
        aria-label="The plan: every zone by every school"
        sx={{ ...tableWidth(columns), ...planTable }}
      >
        <TableHead>
          <TableRow>
            <TableCell className="quiet">zone and body</TableCell>
            {columns.map((column) => (
              <TableCell key={column.id} align="right" className={columnClass(choice.school === column.id)}>
                {schoolMark(column.id, choice.school === column.id)} {column.name}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {zones.map((plan) => (
            <TableRow key={plan.zone} selected={plan.zone === shown}>
              <TableCell component="th">
                <TextLink to={`?zone=${plan.zone}#zone`} preventScrollReset>
                  {ZONE_NAMES[plan.zone]}
                </TextLink>
                <div className="quiet small uncut">body {lengths.length(plan.body.snugMm)}</div>
              </TableCell>
              {columns.map((column) => (
                <Cell key={column.id} plan={plan} column={column} choice={choice} explain={explain} />
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}

function Cell({
  plan,
  column,
  choice,
  explain,
}: Pick<PlanTableProps, "choice" | "explain"> & { plan: ZonePlan; column: PlanColumn }) {
  const lengths = useLengths();
  const found = consequencesIn(plan, column);
  const chosen = rules(choice, plan, column);
  const of = column.id === "own" ? "chosen" : column.id;
  if (!found) {
    const answer = column.id === "own" ? null : plan.bySchool[column.id];
    return (
      <TableCell align="right" className={`${columnClass(chosen)} quiet small`}>
        {answer && !answer.ok ? <span title={answer.problem.message}>{shortReason(answer.problem.code)}</span> : "—"}
      </TableCell>
    );
  }
  return (
    <TableCell align="right" className={columnClass(chosen)}>
      <div className="girth">
        <Why
          label={`${ZONE_NAMES[plan.zone]}, garment girth, ${column.name.toLowerCase()}${chosen ? ", chosen" : ""}`}
          explain={() => explain("garment", plan.zone, of)}
        >
          {lengths.bare(found.garmentMm)}
        </Why>
      </div>
      <div className="beside small">
        <span className="uncut">{percent(found.strain)}</span>
        <StretchMark step={stretchStepOf(found.shareUsed, found.strain)} />
        {found.pull ? <PressureMark band={found.pull.band} /> : null}
      </div>
    </TableCell>
  );
}

/** Why a school has no answer, in the room of a cell; the whole sentence stands where the zone is shown in full. */
function shortReason(code: string): string {
  const short: Readonly<Record<string, string>> = {
    "no-curve": "needs a ladder",
    "no-liked-garment": "no garment yet",
    "liked-cloth-unknown": "cloth not known",
    unreachable: "unreachable",
    "pressure-not-proposed": "not proposed",
    "no-share-for-zone": "no share set",
    "no-girth": "nothing left",
  };
  return short[code] ?? "no answer";
}
