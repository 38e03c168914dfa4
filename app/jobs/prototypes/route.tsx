import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { PROTOTYPE_KINDS } from "../../../core/fitting/index.ts";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { DayInput } from "../../form/DayInput.tsx";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Unsaved } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { MissingList } from "../MissingList.tsx";
import type { Route } from "./+types/route.ts";
import { Contradictions } from "./Contradictions.tsx";
import { LengthSteps } from "./LengthSteps.tsx";
import { loadPrototypes } from "./loadPrototypes.server.ts";
import { newPrototypeDraft } from "./newPrototypeDraft.ts";
import { PrototypeList } from "./PrototypeList.tsx";
import { PrototypeNav } from "./PrototypeNav.tsx";
import { startPrototype, takeStanding } from "./prototypeActions.server.ts";
import { StandingList } from "./StandingList.tsx";
import { StepTable } from "./StepTable.tsx";

export const loader = guarded(({ params, context }: Route.LoaderArgs) => loadPrototypes(context, params.jobId));

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  if (fields.intent === "standing") return takeStanding(jobId, fields, storeOf(context));
  return startPrototype(jobId, fields, storeOf(context));
});

export default function JobPrototypes({ loaderData, actionData }: Route.ComponentProps) {
  const { job, wearerId, missing, sources, steps, moved, changes, undecided, prototypes, draft } = loaderData;
  const lengths = useLengths();
  const next = prototypes.length + 1;
  const last = prototypes.at(-1);
  return (
    <>
      <PageHead
        title="Prototypes"
        below="Each one keeps the plan it was made from. Fit it, decide, and start the next."
      />
      <PrototypeNav jobId={job.id} />
      {job.signedOff ? (
        <Alert severity="success" icon={false} sx={{ mb: 2 }}>
          Signed off.{" "}
          <TextLink to={`/jobs/${job.id}/sign-off`}>The final numbers, and what to keep for the next job</TextLink>
        </Alert>
      ) : null}
      <PrototypeList jobId={job.id} prototypes={prototypes} />
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        Plan for prototype {next}
      </Typography>
      <StandingList standing={job.signedOff ? [] : loaderData.standing} />
      <Contradictions contradictions={loaderData.contradictions} />
      <MissingList missing={missing} jobId={job.id} wearerId={wearerId} sheetId={job.sheetId} />
      {moved.length > 0 && last ? (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          The plan has moved on since prototype {last.number}:{" "}
          {moved.map(({ name, byMm }) => `${name.toLowerCase()} ${lengths.difference(byMm)}`).join(", ")}.
        </Alert>
      ) : null}
      {loaderData.stale === null ? null : (
        <Alert severity="warning" sx={{ mb: 2 }}>
          The sheet is {loaderData.stale} days old. Take at least {loaderData.staleMissing.join(" and ")} again before
          starting a prototype:{" "}
          <TextLink to={`/wearers/${wearerId}/sheets/new?job=${job.id}${job.sheetId ? `&from=${job.sheetId}` : ""}`}>
            a new sheet from this one
          </TextLink>
        </Alert>
      )}
      {loaderData.unsettled.length > 0 ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          Not settled before this prototype:{" "}
          {loaderData.unsettled.map(({ id, name, words }, index) => (
            <span key={id}>
              {index > 0 ? "; " : ""}
              <TextLink to={`/jobs/${job.id}/${id}`}>{name}</TextLink>, {lengths.told(words)}
            </span>
          ))}
          .
        </Alert>
      ) : null}
      {undecided > 0 ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {undecided === 1 ? "1 finding has" : `${undecided} findings have`} no word from you yet and will not be in the
          next prototype.
        </Alert>
      ) : null}
      {steps.length > 0 && sources ? (
        <>
          <StepTable
            label={`Plan for prototype ${next}`}
            steps={steps}
            changes={changes}
            stretch={sources}
            sources={{ body: sources.sheet, garment: "the plan from body and cloth", cloth: sources.test }}
            beforeNumber={last?.number ?? null}
          />
          <LengthSteps
            label={`Lengths for prototype ${next}`}
            steps={loaderData.lengthSteps}
            changes={changes}
            source="the plan from body and cloth"
            beforeNumber={last?.number ?? null}
          />
          {missing.length === 0 && !job.signedOff ? (
            <Box sx={{ mt: 3, maxWidth: 720 }}>
              <RecordForm
                key={next}
                draftForm={newPrototypeDraft(job.id)}
                draft={draft}
                start={{ kind: "sewn", startedOn: loaderData.today }}
                unsaved={actionData as Unsaved | undefined}
                hidden={{ number: next }}
                submitLabel={`Start prototype ${next}`}
              >
                <ChoiceInput
                  name="kind"
                  legend="Made as"
                  choices={PROTOTYPE_KINDS.map(({ id, name }) => ({ value: id, label: name }))}
                />
                <Box sx={{ maxWidth: 220 }}>
                  <DayInput name="startedOn" label="Started on" />
                </Box>
                {loaderData.unticked > 0 ? (
                  <>
                    <Alert severity="warning" sx={{ mb: 2 }}>
                      Not ready to cut:{" "}
                      {loaderData.unticked === 1 ? "1 change has" : `${loaderData.unticked} changes have`} linked pieces
                      unticked. <TextLink to={`/jobs/${job.id}/changes`}>Tick them</TextLink>, or say why it may be cut
                      so.
                    </Alert>
                    <TextInput name="override" label="Why it may be cut with them unticked" />
                  </>
                ) : null}
              </RecordForm>
            </Box>
          ) : null}
        </>
      ) : null}
    </>
  );
}
