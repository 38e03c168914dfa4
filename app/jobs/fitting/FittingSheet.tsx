import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import type { FigureView } from "../../../core/figure/index.ts";
import { madeInRealCloth, spotOf } from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { ChangeHead } from "./BeginFitting.tsx";
import { draftNames } from "./draftNames.ts";
import { FindingCard } from "./FindingCard.tsx";
import { FindingForm } from "./FindingForm.tsx";
import { FitChecks } from "./FitChecks.tsx";
import { FittingFigure } from "./FittingFigure.tsx";
import { FittingPhotos } from "./FittingPhotos.tsx";
import type { FindingStart } from "./findingStart.ts";
import { type FittingSheetProps, fullest, OWN_ERRORS } from "./fittingSheetParts.ts";
import { JudgeCard } from "./JudgeCard.tsx";
import { Readings } from "./Readings.tsx";
import { BroughtBack, ComeBack } from "./TakenOff.tsx";
import { checkWords, pendingPin, toldOf, useFittingQueue, waitingCheck } from "./useFittingQueue.ts";
import { WaitingList } from "./WaitingList.tsx";

/** One fitting: the figure with its pins, what earlier changes did, checks, findings, readings and photos. */
export function FittingSheet(props: FittingSheetProps) {
  const { zones, spots, prototype, fitting, findings, toJudge, drafts, unsaved, job } = props;
  const fixed = prototype.closedOn !== null;
  const page = `/jobs/${job.id}/prototypes/${prototype.number}`;
  const { send, sendings, open: openSending } = useFittingQueue(`${page}/send`, fitting.id);
  const findingDraft = drafts[draftNames.finding(fitting.id)];
  const failed = unsaved?.fields.intent === "finding" ? unsaved : undefined;
  const [start, setStart] = useState<FindingStart | null>(null);
  const [left, setLeft] = useState(false);
  const [view, setView] = useState<FigureView>(() => fullest(findings.map(({ finding }) => finding.view)));
  // A change of a finding that was saved comes back newer than it was opened: its form is done with.
  const changed = start?.finding;
  const saved =
    !failed && findings.some(({ finding: { id, version } }) => id === changed?.id && version > changed.version);
  const open =
    fixed || saved ? null : (start ?? (!left && (failed || findingDraft) ? { place: null, finding: null } : null));
  const close = () => {
    setStart(null);
    setLeft(true);
  };
  const waiting = sendings.filter(({ fields }) => fields.intent === "finding");
  const pins = [
    ...findings.map(({ finding }, index) => ({ ...finding, label: String(index + 1) })),
    ...waiting.flatMap(pendingPin),
  ];
  return (
    <>
      {madeInRealCloth(prototype.kind) ? null : (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          Not made in the real cloth: stretch found here does not count for the garment.
        </Alert>
      )}
      {fixed ? (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          This prototype is closed: its record stays as it is. <TextLink to={page}>Write a note to it</TextLink> if
          something is to be added.
        </Alert>
      ) : null}
      {props.removed ? <BroughtBack removed={props.removed} /> : null}
      {unsaved?.errors.form && !OWN_ERRORS.includes(unsaved.fields.intent ?? "") ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {unsaved.errors.form}
        </Alert>
      ) : null}
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: {
            xs: "1fr",
            sm: "minmax(340px, 1fr) minmax(0, 1.05fr)",
            md: "minmax(380px, 0.85fr) minmax(0, 1.15fr)",
          },
          gap: { xs: 2, md: 4 },
          alignItems: "start",
        }}
      >
        <Box sx={{ position: { sm: "sticky" }, top: 12 }}>
          <FittingFigure
            zones={zones}
            pins={pins}
            view={view}
            onTurn={setView}
            pending={start?.place ?? null}
            onPick={fixed ? undefined : (place) => setStart({ place, finding: null })}
          />
          {open || fixed ? null : (
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
              spots={spots}
              start={open}
              draft={open.finding ? undefined : findingDraft}
              unsaved={failed}
              onClose={close}
              onSend={(fields, photo) => send(fields, photo, toldOf(fields))}
            />
          ) : null}
          <WaitingList
            sendings={sendings.filter(({ fields }) => fields.intent !== "check")}
            onOpen={(sending) => {
              void openSending(sending);
              if (sending.fields.intent === "finding") setStart({ place: null, finding: null, fields: sending.fields });
            }}
          />
          <ComeBack findings={props.comeBack} jobId={job.id} />
          {toJudge.length > 0 ? (
            <Box component="section" aria-label="What the changes did" sx={{ mb: 4 }}>
              <Typography variant="h2" sx={{ mb: 1 }}>
                What the changes did
              </Typography>
              {toJudge.map((judged) => (
                <JudgeCard
                  key={judged.change.id}
                  judged={judged}
                  fittingId={fitting.id}
                  draft={drafts[draftNames.judgement(judged.change.id)]}
                  onSend={(fields) => send(fields, null, `Judged: ${spotOf(judged.change.spot).name.toLowerCase()}`)}
                  fixed={fixed}
                />
              ))}
            </Box>
          ) : null}
          <Typography variant="h2" sx={{ mb: 1 }}>
            Findings
          </Typography>
          {findings.length === 0 ? (
            <Typography color="text.secondary" sx={{ mb: 3 }}>
              None yet. Tap the figure where something is seen: it asks what, which side and how much.
            </Typography>
          ) : null}
          {findings.map(({ finding, proposal, ways }, index) => (
            <FindingCard
              key={finding.id}
              number={index + 1}
              jobId={job.id}
              fixed={fixed}
              finding={finding}
              proposal={proposal}
              ways={ways}
              draft={drafts[draftNames.decision(finding.id)]}
              onSend={(fields) =>
                send(fields, null, `Your word: ${toldOf({ kind: finding.kind, spot: finding.spot })}`)
              }
              onEdit={() => setStart({ place: null, finding })}
            />
          ))}
          <FitChecks
            checks={props.checks}
            done={fitting.checks}
            waiting={sendings.flatMap(waitingCheck)}
            fittingId={fitting.id}
            address={`${page}/fitting`}
            fixed={fixed}
            onSend={(fields) => send(fields, null, `Check: ${checkWords(fields)}`)}
          />
          <Readings
            fitting={fitting}
            zones={zones}
            pulls={props.pulls}
            tensions={props.tensions}
            hasDevice={props.hasDevice}
            draft={drafts[draftNames.reading(fitting.id)]}
            fixed={fixed}
            onSend={(fields) => send(fields, null, "Tension reading")}
          />
          <FittingPhotos
            jobId={job.id}
            fittingId={fitting.id}
            photos={props.photos}
            fixed={fixed}
            onSend={(fields, photo) => send(fields, photo, "Photo")}
          />
          {fixed ? null : (
            <ChangeHead
              fitting={fitting}
              draft={drafts[draftNames.head(fitting.id)]}
              unsaved={unsaved?.fields.intent === "head" ? unsaved : undefined}
            />
          )}
          {props.others.map(({ id, fittedOn }) => (
            <Typography key={id} sx={{ mt: 2 }}>
              <TextLink to={`?fitting=${id}`}>Another fitting of this prototype, {formatDay(fittedOn)}</TextLink>
            </Typography>
          ))}
        </Box>
      </Box>
    </>
  );
}
