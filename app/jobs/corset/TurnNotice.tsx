import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import { Form } from "react-router";
import { capital } from "../../../core/capital.ts";
import {
  amountWithin,
  type CorsetWorking,
  MOST_TURN_MM,
  reductionSchool,
  TURN_HEIGHT_MM,
} from "../../../core/corset/index.ts";
import type { Draft } from "../../../core/drafting/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

interface TurnNoticeProps {
  readonly draft: Draft;
  readonly working: CorsetWorking;
  readonly versions: { readonly corset: number; readonly panels: number };
  /** The largest turn of any seam with an amount at the waist; null where none can be drawn. */
  readonly turnWith: (amount: number) => number | null;
  readonly amount: number;
}

/** Seams that turn too fast, with both ways to mend it. */
export function TurnNotice({ draft, working, versions, turnWith, amount }: TurnNoticeProps) {
  const lengths = useLengths();
  const { turns = [], pieces } = draft;
  const bad = turns.filter(({ mm }) => mm > MOST_TURN_MM);
  if (bad.length === 0) return null;
  // With less ease a garment that only holds turns more, not less.
  const less = !reductionSchool(working.school).reduces
    ? null
    : amountWithin(amount, (tried) => (turnWith(tried) ?? Number.POSITIVE_INFINITY) <= MOST_TURN_MM);
  const written = working.school === "percent" ? `${(100 * (less ?? 0)).toFixed(1)} %` : lengths.amount(less ?? 0);
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      {capital(bad.map(({ name, mm }) => `${name} turns by ${mm.toFixed(0)} mm`).join(", "))} within {TURN_HEIGHT_MM} mm
      of height: over {MOST_TURN_MM} mm an edge bubbles.
      <span className="no-print" style={{ display: "flex", gap: 8, flexWrap: "wrap", marginTop: 8 }}>
        {pieces.length < 8 ? (
          <Form method="post" preventScrollReset>
            <input type="hidden" name="version" value={versions.panels} />
            <input type="hidden" name="panels" value={pieces.length + 1} />
            <Button type="submit" name="intent" value="panels" variant="outlined" size="small">
              {pieces.length + 1} panels a side
            </Button>
          </Form>
        ) : null}
        {less !== null && less > 0 ? (
          <Form method="post" preventScrollReset>
            <input type="hidden" name="version" value={versions.corset} />
            <input type="hidden" name="amount" value={less} />
            <Button type="submit" name="intent" value="amount" variant="outlined" size="small">
              {written} off the waist
            </Button>
          </Form>
        ) : null}
      </span>
    </Alert>
  );
}
