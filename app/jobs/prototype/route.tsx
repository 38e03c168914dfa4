import Alert from "@mui/material/Alert";
import Typography from "@mui/material/Typography";
import { redirect } from "react-router";
import { sheetWords } from "../../../core/body/index.ts";
import { schoolOf } from "../../../core/ease/index.ts";
import {
  frozenRings,
  layersThickness,
  lengthsStepOn,
  madeInRealCloth,
  PROTOTYPE_KINDS,
  stepOn,
} from "../../../core/fitting/index.ts";
import { sewnTargets } from "../../../core/redraw/index.ts";
import { formatDay, withoutUnit } from "../../../core/units/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { recordOfPage } from "../../.server/read/jobRecord.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { LengthSteps } from "../prototypes/LengthSteps.tsx";
import { StepTable } from "../prototypes/StepTable.tsx";
import type { Route } from "./+types/route.ts";
import { Annotations } from "./Annotations.tsx";
import { ExpectedLoss } from "./ExpectedLoss.tsx";
import { FrozenDetails } from "./FrozenDetails.tsx";
import { readAnnotation, readSewn } from "./prototypeForm.server.ts";
import { SewnFields, SewnTable } from "./SewnFields.tsx";
import { ringField, sewnLengthField } from "./sewnFields.ts";
import { sewnRows } from "./sewnRows.ts";

const annotationDraft = (jobId: number, number: number) => draftName("annotation", jobId, number);

const draftOf = (jobId: number, number: number) => draftName("sewn", jobId, number);

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: loaderData ? `Prototype ${loaderData.prototype.number}, ${loaderData.job.name} · Stenz` : "Stenz" },
];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const { job, prototypes, fittings } = await recordOfPage(context, params.jobId);
  const number = idFrom(params.number, "prototype");
  const prototype = found(
    prototypes.find((one) => one.number === number),
    "prototype",
  );
  const made = prototype.frozen.layers.map(({ clothId }) => clothId);
  const shelf = await store.cloths.findAll(made);
  const before = prototypes.find((one) => one.number === number - 1) ?? null;
  return {
    job: { id: job.id, name: job.name },
    prototype,
    steps: stepOn(before, frozenRings(prototype.frozen)),
    lengthSteps: lengthsStepOn(before, prototype.frozen.lengths),
    targets: sewnTargets(prototype.frozen, await store.pieces.ofPrototype(prototype.id)),
    thicknessMm: layersThickness(prototype, (id) => shelf.find((cloth) => cloth.id === id)?.thicknessMm ?? null),
    isLast: number === prototypes.length,
    fitted: fittings.some(({ prototypeId }) => prototypeId === prototype.id),
    drafts: await store.drafts.findAll([draftOf(job.id, number), annotationDraft(job.id, number)]),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const number = idFrom(params.number, "prototype");
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async ({ prototypes, pieces, drafts }) => {
    const prototype = found(await prototypes.find(jobId, number), "prototype");
    if (fields.intent === "annotate") {
      const note = readAnnotation(fields);
      if (!note.ok) return invalid(fields, note.errors);
      await prototypes.annotate(prototype.id, { writtenOn: today(), text: note.value.text });
      await drafts.drop(annotationDraft(jobId, number));
      return redirect(`/jobs/${jobId}/prototypes/${number}`);
    }
    if (prototype.closedOn !== null) {
      return invalid(fields, { form: "This prototype is closed: write a note to it instead." });
    }
    const targets = sewnTargets(prototype.frozen, await pieces.ofPrototype(prototype.id));
    const sewn = readSewn(fields, prototype.frozen, targets);
    if (!sewn.ok) return invalid(fields, sewn.errors);
    return answerEdit(await prototypes.saveSewn({ ...prototype, version: startedFrom(fields) }, sewn.value), {
      ...{ fields, drafts, draft: draftOf(jobId, number), what: "prototype" },
      to: `/jobs/${jobId}/prototypes/${number}`,
      rows: (theirs) => sewnRows(fields, theirs),
    });
  });
});

export default function PrototypePage({ loaderData, actionData }: Route.ComponentProps) {
  const { job, prototype, steps, isLast, fitted, drafts } = loaderData;
  const draft = drafts[draftOf(job.id, prototype.number)];
  const noting = actionData?.fields.intent === "annotate";
  const unit = useFormUnit(noting ? undefined : actionData?.fields, draft);
  const fixed = prototype.closedOn !== null;
  const { frozen, number } = prototype;
  const test = `swatch test ${frozen.test.direction}, ${formatDay(frozen.test.testedOn)}`;
  const school = schoolOf(frozen.school).name.toLowerCase();
  const sheet = sheetWords(frozen.sheet, frozen.settings.fingerAllowanceMm);
  const address = `/jobs/${job.id}/prototypes/${number}`;
  return (
    <>
      <PageHead
        title={`Prototype ${number}`}
        above={<TextLink to={`/jobs/${job.id}/prototypes`}>Prototypes</TextLink>}
        below={`Started ${formatDay(prototype.startedOn)}, ${PROTOTYPE_KINDS.find(({ id }) => id === prototype.kind)?.name}. Frozen: ${sheet}; ${frozen.cloth.name}, ${test}; ${school}.`}
        actions={
          <>
            <LinkButton to={`${address}/fitting`} variant="contained">
              {fitted ? "To the fitting" : "Fit it"}
            </LinkButton>
            <LinkButton to={`${address}/pieces`} variant="outlined">
              Pieces
            </LinkButton>
            {isLast ? (
              <LinkButton to={`/jobs/${job.id}/prototypes`} variant="outlined">
                Plan the next
              </LinkButton>
            ) : null}
          </>
        }
      />
      {madeInRealCloth(prototype.kind) ? null : (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          Not made in the real cloth: it can tell about lines and lengths, but stretch and tension found on it do not
          count for the garment.
        </Alert>
      )}
      <Typography variant="h2" sx={{ mb: 1 }}>
        {number === 1 ? "The plan it was made from" : `From prototype ${number - 1} to ${number}`}
      </Typography>
      <StepTable
        label={`Plan of prototype ${number}`}
        steps={steps}
        changes={frozen.changes}
        stretch={frozen.stretch}
        sources={{ body: sheet, garment: `frozen plan by ${school}`, cloth: test }}
        beforeNumber={number === 1 ? null : number - 1}
      />
      <LengthSteps
        label={`Lengths of prototype ${number}`}
        steps={loaderData.lengthSteps}
        changes={frozen.changes}
        source={`frozen plan by ${school}`}
        beforeNumber={number === 1 ? null : number - 1}
      />
      <FrozenDetails frozen={frozen} />
      <Typography variant="h2" sx={{ mt: 4, mb: 0.5 }}>
        As sewn
      </Typography>
      {fixed ? (
        <Alert severity="info" icon={false} sx={{ mb: 1.5 }}>
          Closed on {formatDay(prototype.closedOn ?? "")}: its record stays as it is. A note can be written to it below.
        </Alert>
      ) : null}
      <Typography color="text.secondary" sx={{ mb: 1.5 }}>
        Lay the garment flat, unstretched, and measure it straight across: twice the width is its girth. Lengths are
        measured along the garment, once. Where its edges lie elsewhere than the levels of the plan, it says where to
        measure.
      </Typography>
      {fixed ? (
        <SewnTable prototype={prototype} targets={loaderData.targets} />
      ) : (
        <RecordForm
          key={prototype.version}
          draftForm={draftOf(job.id, number)}
          draft={draft ?? null}
          start={Object.fromEntries([
            ...prototype.sewn.map((ring) => [ringField(ring), withoutUnit(ring.text, unit)]),
            ...prototype.sewnLengths.map(({ id, text }) => [sewnLengthField(id), withoutUnit(text, unit)]),
          ])}
          unsaved={noting ? undefined : actionData}
          hidden={{ version: prototype.version, unit }}
          submitLabel="Keep as sewn"
        >
          <SewnFields prototype={prototype} targets={loaderData.targets} unit={unit} />
        </RecordForm>
      )}
      <ExpectedLoss prototype={prototype} thicknessMm={loaderData.thicknessMm} />
      <Annotations
        prototype={prototype}
        draftForm={annotationDraft(job.id, number)}
        draft={drafts[annotationDraft(job.id, number)]}
        unsaved={noting ? actionData : undefined}
      />
    </>
  );
}
