import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import { useState } from "react";
import { Form } from "react-router";
import {
  type Change,
  type CutWay,
  changeStatus,
  explainPerEdge,
  type Finding,
  type FindingProposal,
  findingKindOf,
  perEdge,
  spotOf,
} from "../../../core/fitting/index.ts";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { DecisionForm } from "./DecisionForm.tsx";
import { DetailWords } from "./DetailWords.tsx";
import { Photos } from "./Photos.tsx";
import { ProposalView } from "./ProposalView.tsx";
import { useSentForm } from "./useSentForm.ts";

interface FindingCardProps {
  readonly number: number;
  readonly finding: Finding;
  readonly proposal: FindingProposal | null;
  readonly ways: Readonly<Record<string, CutWay>>;
  readonly draft: Fields | undefined;
  readonly onSend: (fields: Fields) => Promise<Unsaved | null>;
  readonly onEdit: () => void;
  readonly jobId: number;
  /** True where its prototype is closed: only the decision is still open. */
  readonly fixed: boolean;
}

/** Where a finding is, in words: `waist, both sides, back`. */
const placeWords = ({ spot, side, view }: Finding): string =>
  `${spotOf(spot).name.toLowerCase()}, ${side === "both" ? "both sides" : side}, ${view}`;

/** One finding: what was seen, what is proposed and why, and the maker's word. */
export function FindingCard({
  number,
  finding,
  proposal,
  ways,
  draft,
  onSend,
  onEdit,
  jobId,
  fixed,
}: FindingCardProps) {
  const lengths = useLengths();
  const kind = findingKindOf(finding.kind);
  const status = changeStatus(finding);
  const [again, setAgain] = useState(false);
  const sent = useSentForm(onSend, () => setAgain(false));
  const isCut = status === "cut" || status === "judged";
  const deciding = status === "open" || again || sent.refused !== undefined;
  return (
    <Paper
      component="article"
      aria-label={`Finding ${number}`}
      sx={{ p: 2, mb: 2, borderLeft: 5, borderLeftColor: status === "open" ? "primary.main" : "divider" }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "baseline" }}>
        <Box component="h3" sx={{ m: 0, fontSize: "1.08rem", flex: 1, minWidth: 220 }}>
          {number}. {kind.name}, {placeWords(finding)}
        </Box>
        {isCut || fixed ? null : (
          <Form method="post">
            <input type="hidden" name="finding" value={finding.id} />
            <Button size="small" onClick={onEdit}>
              Change
            </Button>
            <Button
              size="small"
              type="submit"
              name="intent"
              value="remove-finding"
              aria-label={`Take finding ${number} off`}
            >
              Take off
            </Button>
          </Form>
        )}
      </Box>
      <Box sx={{ mb: 1 }}>
        {kind.amount && finding.amountMm !== null ? (
          <>
            {kind.amount.name} <strong>{lengths.amount(finding.amountMm)}</strong>
            {finding.folded ? " (fold counted twice)" : ""}
          </>
        ) : null}
        <DetailWords finding={finding} />
        {finding.note ? (
          <Box component="span" sx={{ color: "text.secondary" }}>
            {" "}
            · {finding.note}
          </Box>
        ) : null}
      </Box>
      <Photos jobId={jobId} photos={finding.photos} />
      {proposal && deciding ? <ProposalView finding={finding} proposal={proposal} ways={ways} /> : null}
      {finding.change && !deciding ? <DecidedView change={finding.change} onAgain={() => setAgain(true)} /> : null}
      {proposal && deciding && !isCut ? (
        <DecisionForm
          key={finding.change?.version ?? 0}
          finding={finding}
          proposal={proposal}
          draft={draft}
          sent={sent}
          {...(again ? { onLeave: () => setAgain(false) } : {})}
        />
      ) : null}
    </Paper>
  );
}

const DECISION_WORDS = {
  accepted: "Taken as proposed",
  altered: "Altered",
  waiting: "Waits",
  refused: "Refused",
  own: "Own change",
} as const;

function DecidedView({ change, onAgain }: { change: Change; onAgain: () => void }) {
  const lengths = useLengths();
  const { amountMm, seams, on, line, waitsFor } = change;
  return (
    <Box>
      <strong>{DECISION_WORDS[change.decision]}</strong>
      {change.decision === "waiting" ? ` until: ${waitsFor}. Decide again when that is done.` : null}
      {amountMm === null ? (
        change.decision === "accepted" || change.decision === "altered" ? (
          `: ${line}`
        ) : null
      ) : on === "girth" ? (
        <>
          : girth <strong>{lengths.difference(amountMm)}</strong>,{" "}
          <Why label="Change at each seam edge" explain={() => explainPerEdge({ amountMm, seams })}>
            <strong>{lengths.difference(perEdge(amountMm, seams))}</strong> at each of {2 * seams} seam edges
          </Why>
        </>
      ) : (
        <>
          : <strong>{lengths.difference(amountMm)}</strong>, {line}
        </>
      )}
      {change.reason ? <Box sx={{ color: "text.secondary" }}>{change.reason}</Box> : null}
      {change.cutInto === null ? (
        <Form method="post">
          <input type="hidden" name="finding" value={change.findingId ?? ""} />
          <input type="hidden" name="version" value={change.version} />
          <Button size="small" onClick={onAgain}>
            Decide again
          </Button>
          <Button size="small" type="submit" name="intent" value="withdraw">
            Take the word back
          </Button>
        </Form>
      ) : (
        <Box sx={{ color: "text.secondary" }}>Cut into prototype {change.cutInto}.</Box>
      )}
    </Box>
  );
}
