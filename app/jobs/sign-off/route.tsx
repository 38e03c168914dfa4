import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { checksOf, frozenRings, jobChanges, signOffState } from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { idFrom, invalid, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readJob, recordOfPage } from "../../.server/read/jobRecord.ts";
import { DayInput } from "../../form/DayInput.tsx";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { FileButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { PrototypeNav } from "../prototypes/PrototypeNav.tsx";
import type { Route } from "./+types/route.ts";
import { FinalNumbers } from "./FinalNumbers.tsx";
import { KeepForNext } from "./KeepForNext.tsx";
import { StateList } from "./StateList.tsx";
import { SIGN_OFF_ACTIONS } from "./signOffActions.server.ts";
import { signOffDraft } from "./signOffDraft.ts";

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const read = await recordOfPage(context, params.jobId);
  const { job, wearer, prototypes, fittings, ownChanges, style } = read;
  const state = signOffState(prototypes, fittings, checksOf(style.family));
  const { prototype } = state;
  const liked = job.signedOff ? await store.liked.ofWearer(wearer.id) : [];
  return {
    job: { id: job.id, name: job.name, version: job.version, signedOff: job.signedOff, hasChart: job.chartId !== null },
    wearer: { id: wearer.id, name: wearer.name, isForm: wearer.kind === "form" },
    state,
    rings: prototype ? frozenRings(prototype.frozen) : [],
    kept: jobChanges(fittings, ownChanges).filter(({ change }) => change.cutInto !== null),
    standing: await store.standing.forJob(wearer.id, job.chartId),
    isLiked: liked.some(({ name }) => name === job.name),
    draft: await store.drafts.find(signOffDraft(job.id)),
    today: today(),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  const act = SIGN_OFF_ACTIONS.get(fields.intent ?? "");
  if (!act) return invalid(fields, { form: "Expected one of the forms of this page." });
  return storeOf(context).inTransaction(async (repositories) =>
    act({ repositories, read: await readJob(repositories, jobId), fields, today: today() }),
  );
});

export default function JobSignOff({ loaderData, actionData }: Route.ComponentProps) {
  const { job, wearer, state, rings, draft } = loaderData;
  const { prototype } = state;
  const signing = actionData?.fields.intent === "sign-off" ? actionData : undefined;
  return (
    <>
      <PageHead
        title={job.signedOff ? "Signed off" : "Sign-off"}
        below={
          job.signedOff
            ? `${formatDay(job.signedOff.on)}, with prototype ${prototype?.number}.${job.signedOff.words ? ` ${job.signedOff.words}` : ""}`
            : "The end of a job: nothing open without a word on why, checks done, a last sheet of numbers."
        }
        actions={
          <>
            <FileButton to={`/jobs/${job.id}/record/pdf`}>Fitting record as PDF</FileButton>
            <FileButton to={`/jobs/${job.id}/record/csv`}>as CSV</FileButton>
            <FileButton to={`/jobs/${job.id}/record/json`}>Whole job as JSON</FileButton>
          </>
        }
      />
      <PrototypeNav jobId={job.id} />
      {actionData && !signing && actionData.errors.form ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {actionData.errors.form}
        </Alert>
      ) : null}
      {job.signedOff ? null : <StateList state={state} jobId={job.id} />}
      {!job.signedOff && prototype && state.fitted ? (
        <Box sx={{ maxWidth: 720, my: 3 }}>
          <RecordForm
            draftForm={signOffDraft(job.id)}
            draft={draft}
            start={{ on: loaderData.today }}
            unsaved={signing}
            hidden={{ intent: "sign-off", version: job.version }}
            submitLabel={`Sign off with prototype ${prototype.number}`}
          >
            <Box sx={{ maxWidth: 220 }}>
              <DayInput name="on" label="Signed off on" />
            </Box>
            <TextInput
              name="words"
              label={state.clean ? "Words, if you like" : "Why it may stay as it is"}
              lines={3}
              hint={state.clean ? "" : "One word for each thing above that is still open or was not tried."}
            />
          </RecordForm>
        </Box>
      ) : null}
      {prototype ? (
        <Box sx={{ mt: 3 }}>
          <Typography variant="h2" sx={{ mb: 1 }}>
            {job.signedOff ? "Final sheet of numbers" : `Numbers of prototype ${prototype.number}`}
          </Typography>
          <FinalNumbers prototype={prototype} rings={rings} />
        </Box>
      ) : null}
      {job.signedOff ? (
        <KeepForNext {...loaderData} wearer={wearer} unsaved={signing ? undefined : actionData} />
      ) : null}
    </>
  );
}
