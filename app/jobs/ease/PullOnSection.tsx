import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import Paper from "@mui/material/Paper";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { measureOf } from "../../../core/body/index.ts";
import {
  explainLeast,
  explainShortfall,
  LIMIT_WORDS,
  OPENINGS,
  type RingVerdict,
  type StylePlan,
  ZONE_NAMES,
} from "../../../core/ease/index.ts";
import type { Job } from "../../../core/job/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { percent } from "../../frame/units/percent.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { ElasticChoice } from "./ElasticChoice.tsx";
import type { ExplainPlan } from "./PlanTable.tsx";
import { ZoneFields } from "./ZoneFields.tsx";

interface PullOnSectionProps {
  readonly job: Pick<Job, "version" | "openings" | "edgeElasticId">;
  readonly plan: Pick<StylePlan, "chosenPullOn" | "unjudged">;
  readonly elastics: readonly { readonly id: number; readonly name: string }[];
  /** An elastic was chosen but not tested along, so it sets no limit. */
  readonly elasticUntested: boolean;
  /** Laid on the bias, where a planned closure often proves needless. */
  readonly onBias: boolean;
  readonly explain: ExplainPlan;
}

const VERDICT_WORDS = { goes: "goes on", hard: "hard to get on", closure: "needs a closure" } as const;

/** Getting it on: every ring without an opening, what it must pass, and what helps where it does not. */
export function PullOnSection({ job, plan, elastics, elasticUntested, onBias, explain }: PullOnSectionProps) {
  if (plan.chosenPullOn.length === 0 && plan.unjudged.length === 0) return null;
  return (
    <Box component="section" aria-label="Getting it on" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Getting it on
      </Typography>
      <Paper sx={{ p: 0 }}>
        {plan.chosenPullOn.map((ring) => (
          <Ring key={ring.ring} {...{ ring, job, onBias, explain }} />
        ))}
        {plan.unjudged.map(({ ring, code }) => (
          <Box key={ring} sx={rowStyle}>
            <strong>{ZONE_NAMES[ring]}</strong>
            <span>
              cannot be judged: {measureOf(code).name.toLowerCase()} is not on the sheet. Take it, and it is known
              whether this goes on.
            </span>
          </Box>
        ))}
      </Paper>
      {elasticUntested ? (
        <Alert severity="warning" sx={{ mt: 1 }}>
          The elastic was not tested along its length, so its limit is not known.{" "}
          <TextLink to={job.edgeElasticId === null ? "/cloths" : `/cloths/${job.edgeElasticId}`}>
            Pull a swatch of it
          </TextLink>
        </Alert>
      ) : null}
      <ElasticChoice job={job} elastics={elastics} />
    </Box>
  );
}

function Ring({
  ring,
  job,
  onBias,
  explain,
}: { ring: RingVerdict } & Pick<PullOnSectionProps, "job" | "onBias" | "explain">) {
  const lengths = useLengths();
  const name = ZONE_NAMES[ring.ring];
  const closure = job.openings[ring.ring];
  const failing = ring.verdict !== "goes";
  return (
    <Box sx={rowStyle}>
      <Box>
        <strong>{name}</strong> over the {measureOf(ring.over).name.toLowerCase()}
        <Box sx={{ color: "text.secondary", fontSize: "0.85rem" }}>
          {lengths.length(ring.garmentMm)} over {lengths.length(ring.passMm)}
        </Box>
      </Box>
      <Box>
        <Box sx={{ fontWeight: 700, color: failing && !closure ? "warning.main" : "text.primary" }}>
          <Why label={`${name}, pulling on`} explain={() => explain("pullOn", ring.ring, "chosen")}>
            {closure && failing ? `opens with ${closure}` : VERDICT_WORDS[ring.verdict]}
          </Why>
        </Box>
        <Box sx={{ fontSize: "0.9rem" }}>
          asks for {percent(ring.needed)}; {LIMIT_WORDS[ring.limit.setBy]} gives {percent(ring.limit.usable)}
          {failing ? (
            <>
              .{" "}
              <Why label={`${name}, short`} explain={() => explainShortfall(ring)}>
                {lengths.amount(ring.shortfallMm)} short
              </Why>
              {closure ? (
                ": the opening must give at least that"
              ) : (
                <>
                  ;{" "}
                  <Why label={`${name}, least girth`} explain={() => explainLeast(ring)}>
                    {lengths.length(ring.leastMm)}
                  </Why>{" "}
                  would go on
                </>
              )}
            </>
          ) : null}
        </Box>
        {closure && !failing ? (
          <Box sx={{ fontSize: "0.9rem", color: "success.main" }}>
            It goes on without: {onBias ? "on this bias the" : "the"} {closure} may prove needless.
          </Box>
        ) : null}
      </Box>
      <Form method="post" preventScrollReset className="no-print">
        <ZoneFields zone={ring.ring} version={job.version} intent="closure" />
        {closure ? (
          <Button type="submit" name="closure" value="" size="small">
            Leave the {closure} out
          </Button>
        ) : failing ? (
          <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
            <TextField
              select
              id={`closure-${ring.ring}`}
              name="closure"
              label="Open it with"
              defaultValue={OPENINGS[0]}
              size="small"
              sx={{ minWidth: 130 }}
            >
              {OPENINGS.map((one) => (
                <MenuItem key={one} value={one}>
                  {one}
                </MenuItem>
              ))}
            </TextField>
            <Button
              type="submit"
              variant="outlined"
              size="small"
              aria-label={`Add an opening at the ${name.toLowerCase()}`}
            >
              Add
            </Button>
          </Box>
        ) : null}
      </Form>
    </Box>
  );
}

const rowStyle = {
  display: "grid",
  gridTemplateColumns: { xs: "1fr", md: "1fr 1.4fr auto" },
  gap: { xs: 0.5, md: 2 },
  px: 2,
  py: 1.25,
  alignItems: "center",
  "& + &": { borderTop: "1px solid", borderColor: "divider" },
} as const;
