import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import { useState } from "react";
import { ZONE_NAMES } from "../../../core/ease/zones.ts";
import { explainEffect } from "../../../core/fitting/explain/explainEffect.ts";
import { findingKindOf } from "../../../core/fitting/findings/index.ts";
import type { Finding, Judgement } from "../../../core/fitting/fitting.ts";
import { asWorn, effectiveness, type Outcome, VERDICTS } from "../../../core/fitting/outcome.ts";
import { ChoiceInput } from "../../components/forms/ChoiceInput.tsx";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { TextInput } from "../../components/forms/TextInput.tsx";
import { useLengths } from "../../components/units/UnitContext.tsx";
import { useFormUnit } from "../../components/units/useFormUnit.ts";
import { Why } from "../../components/why/WhyDrawer.tsx";
import { smallUnit } from "../../forms/smallLength.ts";
import type { Fields, Unsaved } from "../../forms/unsaved.ts";
import { draftNames } from "./draftNames.ts";

interface JudgeCardProps {
  readonly finding: Finding;
  /** Strain of the cloth where and when it was read. */
  readonly strain: number;
  readonly fittingId: number;
  readonly draft: Fields | undefined;
  readonly unsaved: Unsaved | undefined;
}

/** A finding of an earlier prototype whose change is cut into this one: what is left of it? */
export function JudgeCard({ finding, strain, fittingId, draft, unsaved }: JudgeCardProps) {
  const lengths = useLengths();
  const [again, setAgain] = useState(false);
  const { change, judgement } = finding;
  const asking = !judgement || again || unsaved !== undefined;
  return (
    <Paper
      component="article"
      aria-label={`Judge: ${findingKindOf(finding.kind).name} at the ${ZONE_NAMES[finding.zone].toLowerCase()}`}
      sx={{ p: 2, mb: 2 }}
    >
      <Box component="h3" sx={{ m: 0, fontSize: "1.08rem" }}>
        Was {findingKindOf(finding.kind).name.toLowerCase()} at the {ZONE_NAMES[finding.zone].toLowerCase()}
        {finding.side === "both" ? "" : `, ${finding.side}`}: {lengths.amount(finding.amountMm)}
      </Box>
      <Box sx={{ color: "text.secondary", mb: 1 }}>
        {change?.amountMm === null || change?.amountMm === undefined
          ? null
          : `The girth was changed by ${lengths.difference(change.amountMm)} as cut.`}
      </Box>
      {judgement && !asking ? (
        <JudgedView finding={finding} judgement={judgement} strain={strain} onAgain={() => setAgain(true)} />
      ) : (
        <JudgeForm
          finding={finding}
          fittingId={fittingId}
          draft={draft}
          unsaved={unsaved}
          {...(judgement ? { onLeave: () => setAgain(false) } : {})}
        />
      )}
    </Paper>
  );
}

interface JudgedViewProps {
  readonly finding: Finding;
  readonly judgement: Judgement;
  readonly strain: number;
  readonly onAgain: () => void;
}

function JudgedView({ finding, judgement, strain, onAgain }: JudgedViewProps) {
  const lengths = useLengths();
  const { residualMm, verdict, note } = judgement;
  const outcome: Outcome = {
    amountMm: finding.amountMm,
    residualMm,
    doneMm: asWorn(finding.change?.amountMm ?? 0, strain),
  };
  const effect = effectiveness(outcome);
  const over = residualMm < 0;
  const left =
    residualMm === 0
      ? "nothing left"
      : over
        ? `${lengths.amount(-residualMm)} too far`
        : `${lengths.amount(residualMm)} left`;
  return (
    <Box>
      <Box component="strong" sx={{ color: verdict === "cured" ? "success.main" : "warning.main", fontSize: "1.1rem" }}>
        {verdict}
      </Box>
      : {left}
      {effect === null ? null : (
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
      <Box sx={{ mt: 0.5, ml: -1 }}>
        <Button size="small" onClick={onAgain}>
          Judge again
        </Button>
      </Box>
    </Box>
  );
}

const LEFT = [
  { value: "gone", label: "it is gone" },
  { value: "still", label: "some is left" },
  { value: "over", label: "too far: now the other way" },
] as const;

type JudgeFormProps = Omit<JudgeCardProps, "strain"> & { readonly onLeave?: () => void };

function JudgeForm({ finding, fittingId, draft, unsaved, onLeave }: JudgeFormProps) {
  const kept = unsaved?.fields ?? draft;
  const unit = useFormUnit(kept);
  const [left, setLeft] = useState(kept?.left ?? "gone");
  return (
    <RecordForm
      draftForm={draftNames.judgement(finding.id)}
      draft={draft ?? null}
      unsaved={unsaved}
      hidden={{ intent: "judge", finding: finding.id, fitting: fittingId, unit }}
      submitLabel="Judge"
      beside={onLeave ? <Button onClick={onLeave}>Leave it as it was</Button> : undefined}
    >
      <ChoiceInput name="left" legend="What is left of it" picked={left} choices={LEFT} onChange={setLeft} />
      {left === "gone" ? null : (
        <Box sx={{ maxWidth: 260 }}>
          <TextInput
            name="residual"
            label={left === "over" ? "How far past" : "How much is left"}
            numeric
            suffix={smallUnit(unit)}
          />
        </Box>
      )}
      <ChoiceInput
        name="verdict"
        legend="Verdict"
        choices={[
          { value: "", label: "as the numbers say" },
          ...VERDICTS.map(({ id, meaning }) => ({ value: id, label: `${id}: ${meaning}` })),
        ]}
      />
      <TextInput name="note" label="Note" />
    </RecordForm>
  );
}
