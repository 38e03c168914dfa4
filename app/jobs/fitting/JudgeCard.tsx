import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import { useState } from "react";
import {
  asWorn,
  effectiveness,
  explainEffect,
  findingKindOf,
  type Judgement,
  type Outcome,
  spotOf,
  VERDICTS,
} from "../../../core/fitting/index.ts";
import { smallUnit } from "../../../core/units/index.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { draftNames } from "./draftNames.ts";
import { judgementKey } from "./judgementKey.ts";
import type { ChangeToJudge } from "./loadFitting.server.ts";
import { useSentForm } from "./useSentForm.ts";

interface JudgeCardProps {
  readonly judged: ChangeToJudge;
  readonly fittingId: number;
  readonly draft: Fields | undefined;
  /** True where the prototype is closed: what was judged stays. */
  readonly fixed: boolean;
  readonly onSend: (fields: Fields) => Promise<Unsaved | null>;
}

/** A change that is cut into this prototype: what is left of what it was to cure? */
export function JudgeCard({ judged, fittingId, draft, fixed, onSend }: JudgeCardProps) {
  const lengths = useLengths();
  const [again, setAgain] = useState(false);
  const sent = useSentForm(onSend, () => setAgain(false));
  const { change, finding, judgement } = judged;
  const asking = !fixed && (!judgement || again || sent.refused !== undefined);
  const place = spotOf(change.spot).name.toLowerCase();
  const seen = finding ? findingKindOf(finding.kind).name : "Own change";
  return (
    <Paper component="article" aria-label={`Judge: ${seen} at the ${place}`} sx={{ p: 2, mb: 2 }}>
      <Box component="h3" sx={{ m: 0, fontSize: "1.08rem" }}>
        {finding ? `Before: ${seen.toLowerCase()} at the ${place}` : `Your own change at the ${place}`}
        {change.side === "both" ? "" : `, ${change.side}`}
        {finding?.amountMm ? `, ${lengths.amount(finding.amountMm)}` : ""}
      </Box>
      <Box sx={{ color: "text.secondary", mb: 1 }}>
        {change.amountMm === null
          ? `Done: ${change.line}.`
          : change.on === "girth"
            ? `The girth was changed by ${lengths.difference(change.amountMm)} as cut.`
            : `Changed by ${lengths.difference(change.amountMm)} as cut: ${change.line}.`}
      </Box>
      {judgement && !asking ? (
        <JudgedView judged={judged} judgement={judgement} {...(fixed ? {} : { onAgain: () => setAgain(true) })} />
      ) : null}
      {asking ? (
        <JudgeForm
          judged={judged}
          fittingId={fittingId}
          draft={draft}
          sent={sent}
          {...(judgement ? { onLeave: () => setAgain(false) } : {})}
        />
      ) : null}
      {fixed && !judgement ? <Box>Not judged.</Box> : null}
    </Paper>
  );
}

interface JudgedViewProps {
  readonly judged: ChangeToJudge;
  readonly judgement: Judgement;
  readonly onAgain?: () => void;
}

function JudgedView({ judged: { finding, change, strain }, judgement, onAgain }: JudgedViewProps) {
  const lengths = useLengths();
  const { residualMm, verdict, note } = judgement;
  const outcome: Outcome | null =
    finding?.amountMm && residualMm !== null
      ? { amountMm: finding.amountMm, residualMm, doneMm: asWorn(change.amountMm ?? 0, strain) }
      : null;
  const effect = outcome ? effectiveness(outcome) : null;
  return (
    <Box>
      <Box component="strong" sx={{ color: verdict === "cured" ? "success.main" : "warning.main", fontSize: "1.1rem" }}>
        {verdict}
      </Box>
      {residualMm === null
        ? null
        : residualMm === 0
          ? ": nothing left"
          : residualMm < 0
            ? `: ${lengths.amount(-residualMm)} too far`
            : `: ${lengths.amount(residualMm)} left`}
      {effect === null || outcome === null ? null : (
        <>
          , effect{" "}
          <strong>
            <Why label="Effect of the change" explain={() => explainEffect(outcome)}>
              {effect.toFixed(2)}
            </Why>
          </strong>{" "}
          for each mm
        </>
      )}
      {note ? <Box sx={{ color: "text.secondary" }}>{note}</Box> : null}
      {onAgain ? (
        <Box sx={{ mt: 0.5, ml: -1 }}>
          <Button size="small" onClick={onAgain}>
            Judge again
          </Button>
        </Box>
      ) : null}
    </Box>
  );
}

const LEFT = [
  { value: "gone", label: "it is gone" },
  { value: "still", label: "some is left" },
  { value: "over", label: "too far: now the other way" },
] as const;

type JudgeFormProps = Omit<JudgeCardProps, "fixed" | "onSend"> & {
  readonly sent: ReturnType<typeof useSentForm>;
  readonly onLeave?: () => void;
};

function JudgeForm({ judged: { finding, change, judgement }, fittingId, draft, sent, onLeave }: JudgeFormProps) {
  const inMm = finding?.amountMm !== undefined && finding.amountMm !== null;
  const kept = sent.refused?.fields ?? draft;
  const unit = useFormUnit(kept);
  const [left, setLeft] = useState(kept?.left ?? "");
  return (
    <RecordForm
      draftForm={draftNames.judgement(change.id)}
      draft={draft ?? null}
      unsaved={sent.refused}
      onSend={sent.onSend}
      sending={sent.sending}
      hidden={{
        intent: "judge",
        was: judgementKey(judgement),
        change: change.id,
        fitting: fittingId,
        unit,
        ...(inMm ? {} : { left: "seen" }),
      }}
      submitLabel="Judge"
      beside={onLeave ? <Button onClick={onLeave}>Leave it as it was</Button> : undefined}
    >
      {inMm ? (
        <ChoiceInput name="left" legend="What is left of it" picked={left} choices={LEFT} onChange={setLeft} />
      ) : null}
      {inMm && (left === "still" || left === "over") ? (
        <Box sx={{ maxWidth: 260 }}>
          <TextInput
            name="residual"
            label={left === "over" ? "How far past" : "How much is left"}
            numeric
            suffix={smallUnit(unit)}
          />
        </Box>
      ) : null}
      <ChoiceInput
        name="verdict"
        legend="Verdict"
        unpicked={!inMm}
        choices={[
          ...(inMm ? [{ value: "", label: "as the numbers say" }] : []),
          ...VERDICTS.map(({ id, meaning }) => ({ value: id, label: `${id}: ${meaning}` })),
        ]}
      />
      <TextInput name="note" label="Note" />
    </RecordForm>
  );
}
