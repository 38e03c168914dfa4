import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { Form, useNavigation } from "react-router";
import {
  explainTried,
  GAVE_WORDS,
  LOOK_WORDS,
  setupWords,
  type TrialRead,
  VERDICT_WORDS,
} from "../../../core/seams/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { CutFileButton } from "../../frame/CutFileButton.tsx";
import { percent } from "../../frame/units/percent.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { StitchDrawing } from "./StitchDrawing.tsx";
import { verdictInk } from "./verdictInk.ts";

interface TrialCardProps {
  readonly jobId: number;
  readonly read: TrialRead;
  /** The job is sewn with it. */
  readonly used: boolean;
  /** True where it is not folded away. */
  readonly open: boolean;
}

/** One trial: how it was sewn, how far it went, what changed since the last, what to change next. */
export function TrialCard({ jobId, read, used, open }: TrialCardProps) {
  const { trial, stretch, needed, verdict, changes, told, advice, clothEnds, kept } = read;
  return (
    <Paper
      component="details"
      open={open}
      aria-label={`Trial ${trial.id}`}
      sx={{ px: 2, py: 1.25, mb: 1, "& > summary": { cursor: "pointer" } }}
    >
      <summary>
        <Box
          component="span"
          sx={{
            display: "inline-flex",
            columnGap: 2,
            alignItems: "baseline",
            width: "calc(100% - 24px)",
          }}
        >
          <strong>{`Trial ${trial.id}`}</strong>
          <Box component="span" sx={{ color: "text.secondary", whiteSpace: "nowrap" }}>
            {formatDay(trial.on)}
          </Box>
          {used ? <strong>sewn with it</strong> : null}
          <Box component="span" sx={{ color: "text.secondary", fontSize: "0.92rem", flex: "1 1 0", minWidth: 0 }}>
            {changes.map(({ words }) => words).join("; ")}
          </Box>
          <Box component="span" sx={{ fontWeight: 700, whiteSpace: "nowrap" }}>
            {percent(stretch)}
          </Box>
          {verdict ? (
            <Box component="strong" sx={{ color: verdictInk(verdict), minWidth: 76, whiteSpace: "nowrap" }}>
              {VERDICT_WORDS[verdict]}
            </Box>
          ) : null}
        </Box>
      </summary>
      <Box
        sx={{
          display: "grid",
          gap: 2,
          mt: 1,
          gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "180px minmax(0, 1fr)" },
        }}
      >
        <StitchDrawing setup={trial.setup} />
        <Box>
          <Box sx={{ fontSize: "0.92rem", color: "text.secondary" }}>
            {setupWords(trial.setup).map((words) => (
              <div key={words}>{words}</div>
            ))}
          </Box>
          <Typography sx={{ mt: 0.75 }}>
            {`${trial.gaugeMm} mm went to ${trial.lengthMm} mm: `}
            <Why label={`Stretch of trial ${trial.id}`} explain={() => explainTried(trial)}>
              {percent(stretch)}
            </Why>
            {`${needed === null ? "" : `, ${percent(needed)} are needed`}. Gave: ${GAVE_WORDS[trial.gave]}. Looks ${LOOK_WORDS[trial.look]}.`}
            {kept === null ? "" : ` After 60 s it stayed ${percent(kept)} longer.`}
          </Typography>
          {changes.length > 0 ? (
            <Typography sx={{ mt: 0.5 }}>
              <strong>Changed: </strong>
              {changes.map(({ words }) => words).join("; ")}.
            </Typography>
          ) : null}
          {told ? <Typography sx={{ mt: 0.25 }}>{told}</Typography> : null}
          {trial.notes ? <Typography sx={{ mt: 0.5 }}>{trial.notes}</Typography> : null}
          {clothEnds ? (
            <Typography sx={{ mt: 0.75, borderLeft: "4px solid", borderColor: "error.main", pl: 1.25 }}>
              {clothEnds}
            </Typography>
          ) : null}
          {advice ? (
            <Typography sx={{ mt: 0.75, borderLeft: "4px solid", borderColor: "primary.main", pl: 1.25 }}>
              <strong>{advice.change === "keep" ? "" : "Next: "}</strong>
              {advice.reason}
              {typeof advice.to === "number" ? ` To ${advice.to}.` : ""}
            </Typography>
          ) : null}
        </Box>
      </Box>
      <TrialButtons jobId={jobId} id={trial.id} used={used} holds={verdict !== null && verdict !== "fail"} />
    </Paper>
  );
}

function TrialButtons({ jobId, id, used, holds }: { jobId: number; id: number; used: boolean; holds: boolean }) {
  const busy = useNavigation().state !== "idle";
  const button = (intent: string, words: string, contained = false) => (
    <Button
      type="submit"
      name="intent"
      value={intent}
      size="small"
      variant={contained ? "contained" : "outlined"}
      disabled={busy}
      aria-label={`${words}, trial ${id}`}
    >
      {words}
    </Button>
  );
  return (
    <Form method="post" preventScrollReset className="no-print">
      <input type="hidden" name="trial" value={id} />
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1.5 }}>
        {button("use", used ? "Not with this" : "Sew with it", !used && holds)}
        {holds ? button("recipe", "Keep as a recipe") : null}
        <CutFileButton to={`/jobs/${jobId}/seams/trial/${id}`} size="small">
          Card to print
        </CutFileButton>
        {button("remove", "Take away")}
      </Box>
    </Form>
  );
}
