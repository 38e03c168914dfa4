import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { data, redirect } from "react-router";
import { type Finding, findingKindOf, jobChanges, spotOf, ticked } from "../../../core/fitting/index.ts";
import { recipeOfPieces } from "../../../core/pieces/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readJob } from "../../.server/read/jobRecord.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Unsaved } from "../../form/unsaved.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { FileButton } from "../../frame/LinkButton.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { OldAndNew } from "../../pieces/OldAndNew.tsx";
import { Contradictions } from "../prototypes/Contradictions.tsx";
import { PrototypeNav } from "../prototypes/PrototypeNav.tsx";
import type { Route } from "./+types/route.ts";
import { AllChanges } from "./AllChanges.tsx";
import { CuttingView } from "./CuttingView.tsx";
import { LinkedTicks } from "./LinkedTicks.tsx";
import { loadChanges, ownChangeDraft } from "./loadChanges.server.ts";
import { OwnChangeForm } from "./OwnChangeForm.tsx";
import { readOwnChange } from "./ownChangeForm.server.ts";
import { readTicks } from "./ticksForm.server.ts";

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => loadChanges(context, params.jobId));

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  const here = `/jobs/${jobId}/changes`;
  const stale = () =>
    data<Unsaved>(
      { fields, errors: { form: "It was changed meanwhile, or is already cut. This is how it stands now." } },
      { status: 409 },
    );
  return storeOf(context).inTransaction(async (repositories) => {
    const { changes, drafts } = repositories;
    const read = await readJob(repositories, jobId);
    if (fields.intent === "own") {
      const layers = read.planned.planned?.layers.map(({ cloth }) => ({ name: cloth.name })) ?? [];
      const own = readOwnChange(fields, { style: read.style, layers });
      if (!own.ok) return invalid(fields, own.errors);
      await changes.addOwn(jobId, own.value);
      await drafts.drop(ownChangeDraft(jobId));
      return redirect(here);
    }
    const id = idFrom(fields.change, "change");
    const version = startedFrom(fields);
    const { change } = found(
      jobChanges(read.fittings, read.ownChanges).find((one) => one.change.id === id),
      "change",
    );
    if (fields.intent === "ticks") {
      const ticks = readTicks(fields);
      if (!ticks.ok) return invalid(fields, { form: Object.values(ticks.errors).join(" ") });
      const linked = ticked(change.linked, ticks.value.ticked);
      return (await changes.saveLinked(jobId, { id, version }, linked, ticks.value.untickedReason))
        ? redirect(here)
        : stale();
    }
    if (fields.intent === "withdraw" && change.findingId === null) {
      return (await changes.withdraw(jobId, id, version)) ? redirect(here) : stale();
    }
    return invalid(fields, { form: "Expected one of the forms of this page." });
  });
});

export default function JobChanges({ loaderData, actionData }: Route.ComponentProps) {
  const { job, next, table, cut, all, open, waiting, signedOff, redrawn } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  return (
    <>
      <PageHead
        title={`Changes to cut into prototype ${next}`}
        below="Piece by piece, in the order to do it. Lengths first: they move every line below them."
        actions={
          table.length > 0 ? (
            <>
              <FileButton to={`/jobs/${job.id}/changes/pdf`}>Cutting table as PDF</FileButton>
              <Button variant="outlined" onClick={() => window.print()}>
                Print
              </Button>
            </>
          ) : null
        }
      />
      <PrototypeNav jobId={job.id} />
      {unsaved?.errors.form && unsaved.fields.intent !== "own" ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {unsaved.errors.form}
        </Alert>
      ) : null}
      <Contradictions contradictions={loaderData.contradictions} />
      <Listed title="No word yet" findings={open} />
      <Listed title="Waits for a sewing step" findings={waiting} />
      {table.length > 0 ? (
        <CuttingView table={table} />
      ) : (
        <EmptyState title="Nothing to cut">
          Decide on a finding at a fitting, or add a change of your own below: it then stands here, piece by piece,
          until the next prototype is started with it.
        </EmptyState>
      )}
      {redrawn.pieces.map(({ id, draft }) => (
        <Box component="section" key={id} aria-labelledby={`old-and-new-${id}`} sx={{ mt: 3, breakInside: "avoid" }}>
          <Typography variant="h2" id={`old-and-new-${id}`} sx={{ mb: 1 }}>
            Old and new
          </Typography>
          <OldAndNew
            key={JSON.stringify(cut.map(({ change }) => [change.id, change.version]))}
            before={draft}
            changes={cut.map(({ change }) => change)}
            plan={redrawn.plan}
            words={redrawn.words}
            elsewhere={redrawn.drawnOn.filter((one) => one.id !== id).flatMap(({ changes }) => changes)}
            label={`${recipeOfPieces(id).name} of prototype ${next - 1}, and as it is cut next`}
          />
        </Box>
      ))}
      <LinkedTicks changes={cut} />
      {signedOff ? null : (
        <Box component="section" className="no-print" sx={{ mt: 4, maxWidth: 860 }}>
          <Typography variant="h2" sx={{ mb: 1 }}>
            A change of your own
          </Typography>
          <OwnChangeForm
            key={all.length}
            draftForm={ownChangeDraftName(job.id)}
            draft={loaderData.draft}
            unsaved={unsaved?.fields.intent === "own" ? unsaved : undefined}
            zones={loaderData.zones}
            lengths={loaderData.lengths}
            spots={loaderData.spots}
          />
        </Box>
      )}
      <AllChanges changes={all} />
    </>
  );
}

const ownChangeDraftName = (jobId: number): string => draftName("own-change", jobId);

function Listed({
  title,
  findings,
}: {
  title: string;
  findings: readonly { readonly finding: Finding; readonly href: string }[];
}) {
  if (findings.length === 0) return null;
  return (
    <Alert severity="info" icon={false} className="no-print" sx={{ mb: 2 }}>
      <strong>{title}:</strong>{" "}
      {findings.map(({ finding, href }, index) => (
        <span key={finding.id}>
          {index > 0 ? "; " : ""}
          <TextLink to={href}>
            {findingKindOf(finding.kind).name.toLowerCase()}, {spotOf(finding.spot).name.toLowerCase()}
          </TextLink>
          {finding.change?.waitsFor ? ` (${finding.change.waitsFor})` : ""}
        </span>
      ))}
    </Alert>
  );
}
