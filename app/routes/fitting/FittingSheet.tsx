import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Form } from "react-router";
import { madeInRealCloth } from "../../../core/fitting/prototype.ts";
import { formatDay } from "../../../core/units/day.ts";
import { TextLink } from "../../components/TextLink.tsx";
import type { Unsaved } from "../../forms/unsaved.ts";
import { draftNames } from "./draftNames.ts";
import { FindingCard } from "./FindingCard.tsx";
import { FindingForm, type FindingStart } from "./FindingForm.tsx";
import { FittingFigure } from "./FittingFigure.tsx";
import { JudgeCard } from "./JudgeCard.tsx";
import type { LoadedFitting } from "./loadFitting.server.ts";
import { Readings } from "./Readings.tsx";

interface FittingSheetProps extends Omit<LoadedFitting, "fitting"> {
  readonly fitting: NonNullable<LoadedFitting["fitting"]>;
  readonly unsaved: Unsaved | undefined;
}

/** One fitting: the figure with its pins, what earlier changes did, the findings and the readings. */
export function FittingSheet({
  zones,
  prototype,
  fitting,
  others,
  findings,
  toJudge,
  removed,
  drafts,
  unsaved,
}: FittingSheetProps) {
  const findingDraft = drafts[draftNames.finding(fitting.id)];
  const failed = unsaved?.fields.intent === "finding" ? unsaved : undefined;
  const [start, setStart] = useState<FindingStart | null>(null);
  const open = start ?? (failed || findingDraft ? { place: null, finding: null } : null);
  const pins = findings.map(({ finding }, index) => ({ ...finding, label: String(index + 1) }));
  const failedFor = (intent: string, id: number) =>
    unsaved?.fields.intent === intent && unsaved.fields.finding === String(id) ? unsaved : undefined;
  return (
    <>
      {madeInRealCloth(prototype.kind) ? null : (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          Not made in the real cloth: stretch found here does not count for the garment.
        </Alert>
      )}
      {removed ? <BroughtBack removed={removed} /> : null}
      {unsaved?.errors.form && !["finding", "decide", "judge", "reading"].includes(unsaved.fields.intent ?? "") ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {unsaved.errors.form}
        </Alert>
      ) : null}
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: { xs: "1fr", md: "minmax(300px, 0.8fr) minmax(0, 1.2fr)" },
          gap: 4,
          alignItems: "start",
        }}
      >
        <Box sx={{ position: { md: "sticky" }, top: 12 }}>
          <FittingFigure
            zones={zones}
            pins={pins}
            pending={start?.place ?? null}
            onPick={(place) => setStart({ place, finding: null })}
          />
          {open ? null : (
            <Button variant="outlined" sx={{ mt: 1 }} onClick={() => setStart({ place: null, finding: null })}>
              Put a finding by name
            </Button>
          )}
        </Box>
        <Box>
          {open ? (
            <FindingForm
              key={open.finding?.id ?? "new"}
              fittingId={fitting.id}
              zones={zones}
              start={open}
              draft={open.finding ? undefined : findingDraft}
              unsaved={failed}
              onClose={() => setStart(null)}
              count={findings.length}
            />
          ) : null}
          {toJudge.length > 0 ? (
            <Box component="section" aria-label="What the changes did" sx={{ mb: 4 }}>
              <Typography variant="h2" sx={{ mb: 1 }}>
                What the changes did
              </Typography>
              {toJudge.map(({ finding, strain }) => (
                <JudgeCard
                  key={finding.id}
                  finding={finding}
                  strain={strain}
                  fittingId={fitting.id}
                  draft={drafts[draftNames.judgement(finding.id)]}
                  unsaved={failedFor("judge", finding.id)}
                />
              ))}
            </Box>
          ) : null}
          <Typography variant="h2" sx={{ mb: 1 }}>
            Findings
          </Typography>
          {findings.length === 0 ? (
            <Typography color="text.secondary">
              None yet. Tap the figure where something is seen: it asks what, which side and how much.
            </Typography>
          ) : null}
          {findings.map(({ finding, proposal, seams }, index) => (
            <FindingCard
              key={finding.id}
              number={index + 1}
              finding={finding}
              proposal={proposal}
              seams={seams}
              draft={drafts[draftNames.decision(finding.id)]}
              unsaved={failedFor("decide", finding.id)}
              onEdit={() => setStart({ place: null, finding })}
            />
          ))}
          <Readings
            key={fitting.readings.length}
            fitting={fitting}
            zones={zones}
            draft={drafts[draftNames.reading(fitting.id)]}
            unsaved={unsaved?.fields.intent === "reading" ? unsaved : undefined}
          />
          {others.map(({ id, fittedOn }) => (
            <Typography key={id} sx={{ mt: 2 }}>
              <TextLink to={`?fitting=${id}`}>Another fitting of this prototype, {formatDay(fittedOn)}</TextLink>
            </Typography>
          ))}
        </Box>
      </Box>
    </>
  );
}

function BroughtBack({ removed }: { removed: string }) {
  return (
    <Form method="post">
      <input type="hidden" name="intent" value="bring-back" />
      <Alert
        severity="info"
        icon={false}
        sx={{ mb: 2 }}
        action={
          <Button type="submit" name="removed" value={removed}>
            Put it back
          </Button>
        }
      >
        Taken off the record.
      </Alert>
    </Form>
  );
}
