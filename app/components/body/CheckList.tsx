import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import type { CheckFinding, Repair } from "../../../core/body/checks/check.ts";
import { formatLength, formatLengthWithUnit } from "../../../core/units/formatLength.ts";
import type { LengthUnit } from "../../../core/units/length.ts";
import { renderFinding } from "./renderFinding.ts";

interface CheckListProps {
  readonly findings: readonly CheckFinding[];
  readonly unit: LengthUnit;
  /** Takes a repair: given what to write into the field. Left out where a sheet can no longer be changed. */
  readonly onRepair?: (repair: Repair, text: string) => void;
}

/** What asks for a second look on a sheet. Checks ask; they never keep a sheet from being saved. */
export function CheckList({ findings, unit, onRepair }: CheckListProps) {
  if (findings.length === 0) return null;
  return (
    <section aria-label="Second looks">
      <Typography variant="h3" sx={{ mt: 2, mb: 1 }}>
        Worth a second look
      </Typography>
      {findings.map((finding) => (
        <Alert
          key={`${finding.ruleId} ${finding.code} ${finding.side}`}
          severity="warning"
          sx={{ mb: 1 }}
          action={
            onRepair && finding.repair ? <RepairButton repair={finding.repair} unit={unit} onRepair={onRepair} /> : null
          }
        >
          {renderFinding(finding, unit)}
        </Alert>
      ))}
    </section>
  );
}

function RepairButton({
  repair,
  unit,
  onRepair,
}: {
  repair: Repair;
  unit: LengthUnit;
  onRepair: NonNullable<CheckListProps["onRepair"]>;
}) {
  return (
    <Button color="inherit" onClick={() => onRepair(repair, formatLength(repair.mm, unit))}>
      Write {formatLengthWithUnit(repair.mm, unit)}
    </Button>
  );
}
