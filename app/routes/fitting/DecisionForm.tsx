import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { findingKindOf } from "../../../core/fitting/findings/index.ts";
import type { Finding } from "../../../core/fitting/fitting.ts";
import type { FindingProposal } from "../../../core/fitting/proposeFor.ts";
import { ChoiceInput } from "../../components/forms/ChoiceInput.tsx";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { TextInput } from "../../components/forms/TextInput.tsx";
import { useFormUnit } from "../../components/units/useFormUnit.ts";
import { smallUnit } from "../../forms/smallLength.ts";
import type { Fields, Unsaved } from "../../forms/unsaved.ts";
import { draftNames } from "./draftNames.ts";

interface DecisionFormProps {
  readonly finding: Finding;
  readonly proposal: FindingProposal;
  readonly draft: Fields | undefined;
  readonly unsaved: Unsaved | undefined;
  /** Given when a word is being changed: leaves it as it was. */
  readonly onLeave?: () => void;
}

const DECISIONS = [
  { value: "accepted", label: "take it as proposed" },
  { value: "altered", label: "alter it" },
  { value: "refused", label: "refuse it" },
] as const;

/** The maker's word on a proposal; only the fields her word needs are shown. */
export function DecisionForm({ finding, proposal, draft, unsaved, onLeave }: DecisionFormProps) {
  const kept = unsaved?.fields ?? draft;
  const unit = useFormUnit(kept);
  const [decision, setDecision] = useState(kept?.decision ?? "accepted");
  const removal = findingKindOf(finding.kind).effect === "removal";
  return (
    <RecordForm
      draftForm={draftNames.decision(finding.id)}
      draft={draft ?? null}
      start={{ seams: String(proposal.seams), decision: "accepted" }}
      unsaved={unsaved}
      hidden={{ intent: "decide", finding: finding.id, version: finding.change?.version ?? 0, unit }}
      submitLabel="Decide"
      beside={onLeave ? <Button onClick={onLeave}>Leave it as it was</Button> : undefined}
    >
      <ChoiceInput name="decision" legend="Your word" picked={decision} choices={DECISIONS} onChange={setDecision} />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "repeat(3, 1fr)" }, gap: 2 }}>
        {decision === "altered" ? (
          <>
            <TextInput
              name="amount"
              label={removal ? "Take off the girth" : "Give to the girth"}
              hint="An amount …"
              numeric
              suffix={smallUnit(unit)}
            />
            <TextInput name="share" label="Or a share of it" hint="… or a share such as 0.8." numeric />
          </>
        ) : null}
        {decision === "refused" ? null : <TextInput name="seams" label="Over seams" hint="Two edges each." numeric />}
      </Box>
      {decision === "refused" ? <input type="hidden" name="seams" value={proposal.seams} /> : null}
      {decision === "accepted" ? null : (
        <TextInput name="reason" label={decision === "refused" ? "Reason" : "Reason, if you like"} />
      )}
    </RecordForm>
  );
}
