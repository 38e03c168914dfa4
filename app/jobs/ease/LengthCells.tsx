import TableCell from "@mui/material/TableCell";
import {
  type EaseSources,
  explainLength,
  type PlannedLength,
  type SchoolId,
  type StylePlan,
} from "../../../core/ease/index.ts";
import type { LengthWriter } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";

/** Why a length is not known, in the room of a cell; the whole sentence comes on pointing at it. */
export const SHORT_REASONS: Readonly<Record<string, string>> = {
  "no-test-along": "no test along",
  "no-measure": "measure missing",
  "no-girth-there": "a girth is missing",
  "drop-too-deep": "drop too deep",
};

/** The body along one length of the plan. */
export function BodyCell({
  answer,
  write,
}: {
  answer: StylePlan["lengths"]["fixed"][number]["answer"] | undefined;
  write: LengthWriter;
}) {
  return (
    <TableCell align="right">
      {answer?.ok ? write.bare(answer.value.bodyMm) : "—"}
      {answer?.ok && answer.value.dropMm > 0 ? (
        <div className="quiet small">{write.amount(answer.value.dropMm)} below the waist</div>
      ) : null}
    </TableCell>
  );
}

/** What one school cuts for a length, or why it does not. */
export function LengthCell({
  length,
  school,
  write,
  freedom,
  others,
  sources,
}: {
  length: PlannedLength;
  school: SchoolId;
  write: LengthWriter;
  freedom: number;
  others: { name: string; value: number }[];
  sources: EaseSources;
}) {
  return (
    <>
      <div className="cut">
        <Why
          label={`${length.name}, ${school}`}
          explain={() => explainLength(length, school, { freedom, others }, sources)}
        >
          {write.bare(length.cutMm)}
        </Why>
      </div>
      <div className="quiet small uncut">{write.difference(length.forStretchMm)} stretch</div>
      {length.drawIn === "counted" ? (
        <div className="quiet small uncut">{write.difference(length.forDrawInMm)} draw-in</div>
      ) : null}
    </>
  );
}
