import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Slider from "@mui/material/Slider";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { type CorsetPlan, type CorsetWorking, reductionSchool, STOP_OVER } from "../../../core/corset/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

interface WaistWhatIfProps {
  readonly working: CorsetWorking;
  readonly plan: CorsetPlan;
  readonly version: number;
  /** True while something else than what is kept is shown. */
  readonly tried: boolean;
  readonly onTry: (amount: number | null) => void;
}

/** The waist dragged: levels, shape and panels follow at once. Nothing is kept until it is said. */
export function WaistWhatIf({ working, plan, version, tried, onTry }: WaistWhatIfProps) {
  const lengths = useLengths();
  const { amount } = reductionSchool(working.school);
  const inParts = amount.unit === "percent";
  const waist = plan.levels.find(({ level }) => level === "waist");
  const most = Math.min(amount.most, inParts ? 0.2 : Math.max(15, 0.2 * (waist?.bodyMm ?? 0)));
  const written = (value: number) => (inParts ? `${(100 * value).toFixed(1)} %` : lengths.amount(value));
  const tightest = waist && inParts ? 1 - plan.tightestMm / waist.bodyMm : (waist?.bodyMm ?? 0) - plan.tightestMm;
  const marks =
    working.school === "ease"
      ? []
      : [
          {
            value: tightest,
            label: plan.tightestMm > (1 - STOP_OVER) * (waist?.bodyMm ?? 0) ? "what the body offers" : "15 %",
          },
        ];
  return (
    <Box component="section" aria-label="What if" className="no-print" sx={{ mb: 2 }}>
      <Typography variant="h3">What if</Typography>
      <Typography sx={{ color: "text.secondary", fontSize: "0.9rem" }}>
        Drag the waist: every level, the shape and the panels follow. Nothing is kept until you say so.
      </Typography>
      <Box sx={{ px: 1.5, maxWidth: 520, mt: 0.5 }}>
        <Slider
          aria-label={`${amount.name}, tried`}
          value={Math.min(most, plan.amount)}
          min={0}
          max={most}
          step={inParts ? 0.001 : 1}
          marks={marks.filter(({ value }) => value > 0 && value < most)}
          valueLabelDisplay="auto"
          valueLabelFormat={written}
          onChange={(_event, value) => onTry(value as number)}
        />
      </Box>
      {tried ? (
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}>
          <Form method="post" preventScrollReset>
            <input type="hidden" name="version" value={version} />
            <input type="hidden" name="amount" value={plan.amount} />
            <Button type="submit" name="intent" value="amount" variant="outlined">
              Take {written(plan.amount)}
            </Button>
          </Form>
          <Button onClick={() => onTry(null)}>As it was</Button>
        </Box>
      ) : null}
    </Box>
  );
}
