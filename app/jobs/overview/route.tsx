import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form, redirect } from "react-router";
import { copyJob } from "../../../data/transfer/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, line, notes } from "../../../formats/form/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, notFound, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { stepsOfPage } from "../../.server/read/rail.ts";
import { stretchedZones } from "../../figure/stretchedZones.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { conflictRow } from "../../form/unsaved.ts";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { Sentences } from "../../frame/Sentences.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { MissingList } from "../MissingList.tsx";
import type { Route } from "./+types/route.ts";
import { JobFigure } from "./JobFigure.tsx";

const readTyped = formReader(group({ name: line("a name for the job"), notes: notes() }));
const draftOf = (jobId: number) => draftName("job", jobId);

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const read = await planOfPage(context, params.jobId);
  const { job, style, wearer, planned } = read;
  return {
    job,
    wearerId: wearer.id,
    style: { name: style.name, summary: style.summary, zones: style.zones },
    missing: planned.missing,
    steps: await stepsOfPage(context, read),
    zones: job.school && planned.planned ? stretchedZones(planned.planned.plan.zones) : null,
    prototypeCount: (await store.prototypes.lastFrozen(job.id))?.number ?? 0,
    draft: await store.drafts.find(draftOf(job.id)),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  if (fields.intent === "remove") {
    const removed = await storeOf(context).inTransaction(({ jobs }) => jobs.remove(jobId, new Date().toISOString()));
    if (!removed) notFound("job");
    return redirect(`/?removed=${jobId}`);
  }
  if (fields.intent === "again")
    return redirect(`/jobs/${found(await storeOf(context).inTransaction((all) => copyJob(all, jobId)), "job")}`);
  const read = readTyped(fields);
  if (!read.ok) return invalid(fields, read.errors);
  return storeOf(context).inTransaction(async ({ jobs, drafts }) => {
    const job = found(await jobs.find(jobId), "job");
    return answerEdit(await jobs.save({ ...job, ...read.value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft: draftOf(jobId), what: "job", to: `/jobs/${jobId}` },
      rows: (theirs) => [
        conflictRow(fields, "name", "Name", theirs.name),
        conflictRow(fields, "notes", "Notes", theirs.notes),
      ],
    });
  });
});

export default function JobOverview({ loaderData, actionData }: Route.ComponentProps) {
  const { job, wearerId, style, missing, steps, zones, prototypeCount, draft } = loaderData;
  const lengths = useLengths();
  const next = steps.find(({ state }) => state !== "done");
  return (
    <>
      <PageHead
        title={job.name}
        below={`${style.name}. ${style.summary}`}
        actions={
          next ? (
            <LinkButton to={`/jobs/${job.id}/${next.id}`} variant="contained">
              Go on with: {next.name.toLowerCase()}
            </LinkButton>
          ) : (
            <LinkButton to={`/jobs/${job.id}/prototypes`} variant="contained">
              To the prototypes
            </LinkButton>
          )
        }
      />
      <MissingList missing={missing} jobId={job.id} wearerId={wearerId} sheetId={job.sheetId} />
      {job.notes ? <Typography sx={{ mb: 2, maxWidth: 760 }}>{job.notes}</Typography> : null}
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", lg: "1.1fr 1fr" }, gap: 4, alignItems: "start" }}>
        <JobFigure garment={style.zones} zones={zones} />
        <Box>
          <Typography variant="h2" sx={{ mb: 1 }}>
            Where it stands
          </Typography>
          <Box
            component="dl"
            sx={{ display: "grid", gridTemplateColumns: "auto 1fr", columnGap: 3, rowGap: 0.75, m: 0, mb: 3 }}
          >
            {steps.map(({ id, name, words, things = [] }) => (
              <Box key={id} sx={{ display: "contents" }}>
                <Box component="dt" sx={{ color: "text.secondary" }}>
                  {name}
                </Box>
                <Box component="dd" sx={{ m: 0, fontWeight: 600 }}>
                  {lengths.told(words)}
                  <Box sx={{ fontWeight: 400, fontSize: "0.9rem" }}>
                    <Sentences label={`To mend at ${name}`} items={things.map((thing) => lengths.told(thing))} />
                  </Box>
                </Box>
              </Box>
            ))}
          </Box>
          <RecordForm
            key={job.version}
            draftForm={draftOf(job.id)}
            draft={draft}
            start={{ name: job.name, notes: job.notes }}
            unsaved={actionData}
            hidden={{ version: job.version }}
            submitLabel="Save"
            quiet
          >
            <TextInput name="name" label="Name of the job" required />
            <TextInput name="notes" label="What it is about" lines={2} />
          </RecordForm>
          {prototypeCount > 0 ? (
            <Typography color="text.secondary" sx={{ mt: 2 }}>
              A prototype keeps the plan it was made from; what you change here reaches the next one only.
            </Typography>
          ) : null}
          <Form method="post" className="no-print">
            <Button type="submit" name="intent" value="again" sx={{ mt: 2, ml: -1 }}>
              Begin this job again
            </Button>
            <Typography color="text.secondary" sx={{ fontSize: "0.88rem" }}>
              A second job with all that is decided here, for the same wearer: without prototypes, fittings, dates and
              what was done.
            </Typography>
          </Form>
          <Form method="post" className="no-print">
            <Button type="submit" name="intent" value="remove" color="error" sx={{ mt: 2, ml: -1 }}>
              Delete this job
            </Button>
            <Typography color="text.secondary" sx={{ fontSize: "0.88rem" }}>
              With its prototypes and fittings; it can be brought back for a day.
            </Typography>
          </Form>
        </Box>
      </Box>
    </>
  );
}
