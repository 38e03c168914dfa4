import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { type SyntheticEvent, useState } from "react";
import { Form, redirect } from "react-router";
import { jobChanges } from "../../../core/fitting/index.ts";
import { curveText } from "../../../formats/drafts/curve.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readJob, recordOfPage } from "../../.server/read/jobRecord.ts";
import { CheckInput } from "../../form/CheckInput.tsx";
import { FieldError } from "../../form/FieldError.tsx";
import { FileInput } from "../../form/FileInput.tsx";
import { PlainFields } from "../../form/FormFields.tsx";
import { readForm } from "../../form/fields.server.ts";
import { PickInput } from "../../form/PickInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { SideInput } from "../../form/SideInput.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { type Fields, textsOf, type Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { UNITS } from "../pieces/own/units.ts";
import type { Route } from "./+types/route.ts";
import { EdgeChoice } from "./EdgeChoice.tsx";
import { LaidOver, type TypedCurve } from "./LaidOver.tsx";
import { readTracedFile } from "./readTracedFile.server.ts";
import { type TracedEdge, tracedEdges } from "./tracedEdges.ts";
import { readTracedChange } from "./tracedForm.server.ts";

const draftOf = (jobId: number): string => draftName("traced", jobId);

/** The edge an address names among those there are; null where it names none. */
function edgeOf(address: string, edges: readonly TracedEdge[]): TracedEdge | null {
  const asked = new URL(address).searchParams;
  if (!asked.has("edge")) return null;
  return found(
    edges.find(
      ({ of, piece, edge }) => asked.get("of") === of && asked.get("piece") === piece && asked.get("edge") === edge,
    ),
    "edge of these pieces",
  );
}

/** The last prototype, by its number: only its pieces are changed into those of the next. */
const lastOf = <One extends { readonly number: number }>(prototypes: readonly One[], number: number): One | null => {
  const last = prototypes.at(-1);
  return last?.number === number ? last : null;
};

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const { job, prototypes, fittings, ownChanges } = await recordOfPage(context, params.jobId);
  const number = idFrom(params.number, "prototype");
  const prototype = found(lastOf(prototypes, number), "pieces that are cut next");
  const edges = tracedEdges(await store.pieces.ofPrototype(prototype.id));
  const edge = edgeOf(request.url, edges);
  const before = jobChanges(fittings, ownChanges).flatMap(({ change: { traced, cutInto } }) =>
    traced && traced.of === edge?.of && traced.piece === edge.piece && traced.edge === edge.edge
      ? [{ ...traced, cutInto }]
      : [],
  );
  return {
    ...{ jobId: job.id, number, edges, edge },
    /** The curve that was laid over this edge last: the next step shaves toward the same. */
    last: before.at(-1) ?? null,
    draft: await store.drafts.find(draftOf(job.id)),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const number = idFrom(params.number, "prototype");
  const form = await readForm(request);
  const fields = textsOf(form);
  return storeOf(context).inTransaction(async (repositories) => {
    const read = await readJob(repositories, jobId);
    const prototype = found(lastOf(read.prototypes, number), "pieces that are cut next");
    const edge = found(edgeOf(request.url, tracedEdges(await repositories.pieces.ofPrototype(prototype.id))), "edge");
    if (fields.intent === "file") return readTracedFile(form, fields, request.signal);
    const { layers } = prototype.frozen;
    const change = readTracedChange(fields, { edge, style: read.style, layers });
    if (!change.ok) return invalid(fields, change.errors);
    await repositories.changes.addOwn(jobId, change.value);
    await repositories.drafts.drop(draftOf(jobId));
    return redirect(`/jobs/${jobId}/changes`);
  });
});

const NO_CURVE: Fields = { points: "", turned: "", flipped: "", share: "50", side: "both", reason: "" };

export default function TracedCurvePage({ loaderData, actionData }: Route.ComponentProps) {
  const { jobId, number, edges, edge, last, draft } = loaderData;
  const answer = actionData as Unsaved | undefined;
  const ofFile = answer?.fields.intent === "file" ? answer : undefined;
  const start = ofFile?.fields.points
    ? { ...NO_CURVE, points: ofFile.fields.points }
    : last
      ? { ...NO_CURVE, points: curveText(last.points) }
      : NO_CURVE;
  return (
    <>
      <PageHead
        title="Traced curve"
        above={<TextLink to={`/jobs/${jobId}/prototypes/${number}/pieces`}>Pieces of prototype {number}</TextLink>}
        below="A bent ruler laid to the body, over the edge that should follow it: how far they are apart, and by how much the next pieces go there."
      />
      {edges.length === 0 ? (
        <EmptyState title="No pieces to lay it over">
          A curve goes over an edge of drawn pieces. Give this prototype its pieces first.
        </EmptyState>
      ) : (
        <EdgeChoice edges={edges} shown={edge} />
      )}
      {edge ? (
        <CurveForm
          // What a file gave, or another edge, is another form.
          key={JSON.stringify([edge.of, edge.piece, edge.edge, start])}
          {...{ edge, start, draft: ofFile ? null : draft, last, draftForm: draftOf(jobId), ofFile }}
          unsaved={ofFile ? undefined : answer}
        />
      ) : null}
    </>
  );
}

interface CurveFormProps {
  readonly edge: TracedEdge;
  readonly start: Fields;
  readonly draft: Fields | null;
  readonly last: { readonly share: number; readonly cutInto: number | null } | null;
  readonly draftForm: string;
  readonly unsaved: Unsaved | undefined;
  readonly ofFile: Unsaved | undefined;
}

const typedIn = (fields: Fields): TypedCurve => ({
  points: fields.points ?? "",
  turned: fields.turned === "yes",
  flipped: fields.flipped === "yes",
});

function CurveForm({ edge, start, draft, last, draftForm, unsaved, ofFile }: CurveFormProps) {
  const [typed, setTyped] = useState(typedIn(unsaved?.fields ?? draft ?? start));
  const look = ({ currentTarget, target }: SyntheticEvent<HTMLElement>) => {
    const form = (target as HTMLInputElement).form ?? currentTarget.querySelector("form");
    if (form) setTyped(typedIn(textsOf(new FormData(form))));
  };
  return (
    <Box
      sx={{
        display: "grid",
        gap: 3,
        gridTemplateColumns: { xs: "minmax(0, 1fr)", md: "minmax(0, 2fr) minmax(0, 3fr)" },
      }}
    >
      <Box>
        {last ? (
          <Typography sx={{ mb: 1.5, color: "text.secondary" }}>
            {`This is the curve laid here before, brought ${Math.round(last.share * 100)} % of the way${last.cutInto === null ? "" : ` in prototype ${last.cutInto}`}: shave on toward it, or trace anew.`}
          </Typography>
        ) : null}
        <Box onChange={look} onInput={look}>
          <RecordForm draftForm={draftForm} draft={draft} start={start} unsaved={unsaved} submitLabel="Add this change">
            <TextInput
              name="points"
              label="Places of the curve, mm"
              hint="A line a place: along, and off the straight line between its ends. Above 0 lies inside the piece."
              lines={7}
            />
            <CheckInput name="turned">Read from the other end</CheckInput>
            <CheckInput name="flipped">Read off to the other side</CheckInput>
            <TextInput
              name="share"
              label="Bring the edge there by"
              suffix="%"
              numeric
              hint="Shave in steps: what is cut off is gone."
            />
            <SideInput />
            <TextInput name="reason" label="Why" />
          </RecordForm>
        </Box>
        <FromFile key={JSON.stringify(ofFile)} unsaved={ofFile} />
      </Box>
      <LaidOver lines={edge.lines} typed={typed} />
    </Box>
  );
}

/** The curve as somebody drew it: the one open line of an SVG. */
function FromFile({ unsaved }: { unsaved: Unsaved | undefined }) {
  return (
    <Paper component="section" aria-label="Curve from a file" sx={{ p: 2, mt: 2 }}>
      <Typography variant="h3" sx={{ mb: 1 }}>
        From an SVG
      </Typography>
      <PlainFields {...(unsaved ? { values: unsaved.fields, errors: unsaved.errors } : {})}>
        <Form method="post" encType="multipart/form-data">
          <input type="hidden" name="intent" value="file" />
          <FileInput label="SVG with one open line" name="file" accept=".svg,image/svg+xml" />
          <FieldError name="file" />
          <Box sx={{ maxWidth: 260, mb: 1.5 }}>
            <PickInput name="fileUnit" label="Drawn in, where it does not say" choices={UNITS} first="mm" />
          </Box>
          <Button type="submit" variant="outlined">
            Read it in
          </Button>
        </Form>
      </PlainFields>
    </Paper>
  );
}
