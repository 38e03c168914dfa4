import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { redirect } from "react-router";
import { nameOf } from "../../../core/body/catalogue/index.ts";
import { STALE_MEASURES, staleDays } from "../../../core/body/checks/stale.ts";
import { decidedChanges } from "../../../core/fitting/decidedChanges.ts";
import { PROTOTYPE_KINDS } from "../../../core/fitting/prototype.ts";
import { ringName } from "../../../core/fitting/ringName.ts";
import { ringKey } from "../../../core/fitting/rings.ts";
import { stepOn } from "../../../core/fitting/stepOn.ts";
import { freezePlan } from "../../../core/job/freezePlan.ts";
import type { StepId } from "../../../core/job/steps.ts";
import { workingsKept } from "../../../data/workings.ts";
import { ChoiceInput } from "../../components/forms/ChoiceInput.tsx";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { TextInput } from "../../components/forms/TextInput.tsx";
import { MissingList } from "../../components/job/MissingList.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { StepTable } from "../../components/prototype/StepTable.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { useLengths } from "../../components/units/UnitContext.tsx";
import { readFields } from "../../forms/fields.server.ts";
import { readNewPrototype } from "../../forms/prototypeForm.server.ts";
import { idFrom, invalid, storeOf, today } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import { easeSources, jobOfPage, movedSinceLast, readJob, ringsToday } from "../../server/jobContext.ts";
import { stepsOfPage } from "../../server/workingContext.ts";
import type { Route } from "./+types/route.ts";
import { PrototypeList } from "./PrototypeList.tsx";

/** Steps whose open ends are named before a prototype is started. */
const SHAPE_STEPS: readonly StepId[] = ["torso", "cups", "band"];

const draftOf = (jobId: number) => `prototype-new:${jobId}`;

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const read = await jobOfPage(context, params.jobId);
  const { job, wearer, planned, prototypes, fittings } = read;
  const rings = ringsToday(read);
  const findings = fittings.flatMap((fitting) => fitting.findings);
  return {
    job,
    wearerId: wearer.id,
    missing: planned.missing,
    sources: easeSources(read),
    steps: stepOn(prototypes.at(-1) ?? null, rings),
    moved: movedSinceLast(read).map((ring) => ({ name: ringName(ring), key: ringKey(ring), byMm: ring.byMm })),
    changes: decidedChanges(fittings),
    unsettled: (await stepsOfPage(context, read))
      .filter(({ id, state }) => state === "look" && SHAPE_STEPS.includes(id))
      .map(({ id, name, words }) => ({ id, name, words })),
    undecided: findings.filter(({ change }) => change === null).length,
    prototypes: prototypes.map(({ id, number, kind, startedOn }) => {
      const tries = fittings.filter(({ prototypeId }) => prototypeId === id);
      return {
        number,
        kind,
        startedOn,
        fittedOn: tries.map(({ fittedOn }) => fittedOn),
        findings: tries.flatMap((fitting) => fitting.findings),
      };
    }),
    today: today(),
    stale: read.sheet ? staleDays(read.sheet.takenOn, today()) : null,
    staleMissing: read.sheet
      ? STALE_MEASURES.filter((code) => read.style.measures.includes(code)).map((code) =>
          nameOf(code, "single").toLowerCase(),
        )
      : [],
    draft: await store.drafts.find(draftOf(job.id)),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  const form = readNewPrototype(fields, today());
  if (!form.ok) return invalid(fields, form.errors);
  return storeOf(context).inTransaction(async (repositories) => {
    const read = await readJob(repositories, jobId);
    const workings = workingsKept(await repositories.workings.ofJob(jobId));
    const frozen = freezePlan({ ...read, workings }, read.wearer.name, decidedChanges(read.fittings));
    if (!frozen.ok) return invalid(fields, { form: frozen.problem.message });
    const { kind, startedOn } = form.value;
    const number = await repositories.prototypes.start({
      jobId,
      number: form.value.number,
      kind,
      startedOn,
      frozen: frozen.value,
    });
    if (number === null) {
      return invalid(fields, {
        form: `Prototype ${form.value.number} was started meanwhile, in another window. It stands in the list.`,
      });
    }
    await repositories.drafts.drop(draftOf(jobId));
    return redirect(`/jobs/${jobId}/prototypes/${number}`);
  });
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
      <PrototypeList jobId={job.id} prototypes={prototypes} />
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        Plan for prototype {next}
      </Typography>
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
              <TextLink to={`/jobs/${job.id}/${id}`}>{name}</TextLink>, {words}
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
          {missing.length === 0 ? (
            <Box sx={{ mt: 3, maxWidth: 720 }}>
              <RecordForm
                key={next}
                draftForm={draftOf(job.id)}
                draft={draft}
                start={{ kind: "sewn", startedOn: loaderData.today }}
                unsaved={actionData}
                hidden={{ number: next }}
                submitLabel={`Start prototype ${next}`}
              >
                <ChoiceInput
                  name="kind"
                  legend="Made as"
                  choices={PROTOTYPE_KINDS.map(({ id, name }) => ({ value: id, label: name }))}
                />
                <Box sx={{ maxWidth: 220 }}>
                  <TextInput name="startedOn" label="Started on" type="date" />
                </Box>
              </RecordForm>
            </Box>
          ) : null}
        </>
      ) : null}
    </>
  );
}
