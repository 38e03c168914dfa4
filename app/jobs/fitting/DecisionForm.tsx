import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { type Finding, type FindingProposal, findingKindOf } from "../../../core/fitting/index.ts";
import { LATER_STEPS } from "../../../core/laterSteps.ts";
import { smallUnit } from "../../../core/units/index.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields } from "../../form/unsaved.ts";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { draftNames } from "./draftNames.ts";
import { partField, seenKey } from "./seenKey.ts";
import type { useSentForm } from "./useSentForm.ts";

interface DecisionFormProps {
  readonly finding: Finding;
  readonly proposal: FindingProposal;
  readonly draft: Fields | undefined;
  readonly sent: ReturnType<typeof useSentForm>;
  /** Given when a word is being changed: leaves it as it was. */
  readonly onLeave?: () => void;
}

const DECISIONS = [
  { value: "accepted", label: "take it as proposed" },
  { value: "altered", label: "alter it" },
  { value: "waiting", label: "wait for a sewing step" },
  { value: "refused", label: "refuse it" },
] as const;

/** The maker's word on a proposal; only the fields her word needs are shown. */
export function DecisionForm({ finding, proposal, draft, sent, onLeave }: DecisionFormProps) {
  const kept = sent.refused?.fields ?? draft;
  const unit = useFormUnit(kept);
  const { remedies } = proposal;
  const first = remedies[0];
  const [decision, setDecision] = useState<string>(kept?.decision ?? (first ? "accepted" : "refused"));
  const [remedyId, setRemedyId] = useState(kept?.remedy ?? first?.id ?? "");
  const remedy = remedies.find(({ id }) => id === remedyId) ?? first ?? null;
  const apart = (remedy?.parts ?? []).filter(({ readMm }) => readMm !== null);
  const doing = decision === "accepted" || decision === "altered";
  const { effect } = findingKindOf(finding.kind);
  const takes = (remedy?.amountMm ?? (effect === "removal" ? -1 : 1)) < 0;
  return (
    <RecordForm
      draftForm={draftNames.decision(finding.id)}
      draft={draft ?? null}
      start={{ seams: String(remedy?.seams ?? 1), decision, direction: takes ? "take" : "give" }}
      unsaved={sent.refused}
      onSend={sent.onSend}
      sending={sent.sending}
      hidden={{
        intent: "decide",
        fitting: finding.fittingId,
        finding: finding.id,
        version: finding.change?.version ?? 0,
        unit,
        seen: seenKey(remedy),
        ...(remedies.length === 1 && first ? { remedy: first.id } : {}),
      }}
      submitLabel="Decide"
      beside={onLeave ? <Button onClick={onLeave}>Leave it as it was</Button> : undefined}
    >
      <ChoiceInput
        name="decision"
        legend="Your word"
        picked={decision}
        choices={first ? DECISIONS : DECISIONS.slice(1)}
        onChange={setDecision}
      />
      {doing && remedies.length > 1 ? (
        <ChoiceInput
          name="remedy"
          legend="What is done"
          picked={remedyId}
          choices={remedies.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }))}
          onChange={setRemedyId}
        />
      ) : null}
      {decision === "altered" ? (
        <>
          {remedy?.amountMm === undefined || remedy.amountMm === null ? (
            <ChoiceInput
              name="direction"
              legend="An amount of it, if there is one"
              choices={[
                { value: "give", label: "longer or wider" },
                { value: "take", label: "shorter or narrower" },
              ]}
            />
          ) : null}
          <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "repeat(2, 1fr)" }, gap: 2 }}>
            {apart.map((part) => (
              <TextInput
                key={part.id}
                name={partField(part.id)}
                label={`Amount at the ${part.id}`}
                hint="Leave it empty where nothing is to change."
                numeric
                suffix={smallUnit(unit)}
              />
            ))}
            {apart.length > 0 ? null : (
              <TextInput
                name="amount"
                label={remedy?.on === "girth" ? (takes ? "Take off the girth" : "Give to the girth") : "Amount"}
                hint="An amount …"
                numeric
                suffix={smallUnit(unit)}
              />
            )}
            {proposal.taken ? (
              <TextInput name="share" label="Or a share of it" hint="… or a share such as 0.8." numeric />
            ) : null}
          </Box>
        </>
      ) : null}
      {doing && remedy && remedy.seams !== null ? (
        <Box sx={{ maxWidth: 260 }}>
          <TextInput name="seams" label="Over seams" hint="Two edges each." numeric />
        </Box>
      ) : null}
      {decision === "waiting" ? (
        <ChoiceInput
          name="waitsFor"
          legend="It is looked at again when this is done"
          choices={LATER_STEPS.map((step) => ({ value: step, label: step }))}
        />
      ) : null}
      {decision === "accepted" ? null : (
        <TextInput name="reason" label={decision === "refused" ? "Reason" : "Reason, or what you will do"} />
      )}
    </RecordForm>
  );
}
