import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { data, Form, redirect } from "react-router";
import type { Job } from "../../../core/job/index.ts";
import { type Elsewhere, elsewhereOf } from "../../../core/standing/index.ts";
import { workingsKept } from "../../../data/jobs/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, orNull, reference, version } from "../../../formats/form/index.ts";
import { asSent, found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { planOfPage, withEverySchool } from "../../.server/read/jobPlan.ts";
import { patternSizes } from "../../.server/read/patternSizes.ts";
import { readFields } from "../../form/fields.server.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { LinkButton } from "../../frame/LinkButton.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { PlainList } from "../../frame/PlainList.tsx";
import { SearchBox } from "../../frame/SearchBox.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { PickForm } from "../PickForm.tsx";
import type { Route } from "./+types/route.ts";
import { PointByPoint } from "./PointByPoint.tsx";
import { pointsDraft, savePoints } from "./points.server.ts";
import { SizesOfPattern } from "./SizesOfPattern.tsx";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const read = await withEverySchool(store, await planOfPage(context, params.jobId));
  const { job, settings, settingsName, likedGarments, wearer } = read;
  const query = listQuery(request);
  const sized = await patternSizes(store, read);
  const chart = sized?.chart ?? null;
  return {
    job: {
      ...{ id: job.id, version: job.version },
      // What Torso was told of this pattern is not asked again.
      patternLengthsMm: filledLengths(job.patternLengthsMm, elsewhereOf("pattern", workingsKept(read.keptWorkings))),
    },
    wearerId: wearer.id,
    liked: likedGarments.map(({ garment: { name, lengthsMm } }) => ({ name, lengthsMm })),
    draft: await store.drafts.find(pointsDraft(job.id)),
    chart: chart
      ? {
          id: chart.id,
          name: chart.name,
          ease: chart.ease,
          ownReduction: chart.ownReduction,
          sizes: chart.sizes.map(({ name }) => name),
        }
      : null,
    grading: sized?.grading ?? null,
    maxStep: settings.sizeStep,
    settingsName,
    search: query.search,
    charts: (await store.charts.list(query)).rows
      .filter(({ id }) => id !== chart?.id)
      .map(({ id, name, notes, ease }) => ({ id, name, notes, ease })),
  };
});

/** Lengths of the pattern, with those that were typed at another step. */
const filledLengths = (typed: Job["patternLengthsMm"], elsewhere: Elsewhere): Job["patternLengthsMm"] => ({
  ...Object.fromEntries(Object.entries(elsewhere).map(([length, { value }]) => [length, value])),
  ...typed,
});

/** Reads which size chart the job starts from; none for an own draft. */
const readChoice = formReader(group({ chart: orNull(reference("a size chart")), version: version() }));

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  if (fields.intent === "points") return savePoints(fields, jobId, storeOf(context));
  const { chart, version } = asSent(readChoice(fields));
  const outcome = await storeOf(context).inTransaction(async ({ jobs, charts }) => {
    const job = found(await jobs.find(jobId), "job");
    const chartId = chart === null ? null : found(await charts.find(chart), "size chart").id;
    return jobs.save({ ...job, chartId, version });
  });
  return outcome.saved ? redirect(`/jobs/${jobId}/pattern`) : data({ stale: true as const }, { status: 409 });
});

export default function JobPattern({ loaderData, actionData }: Route.ComponentProps) {
  const { job, wearerId, liked, draft, chart, grading, maxStep, settingsName, search, charts } = loaderData;
  const stale = actionData !== undefined && "stale" in actionData;
  return (
    <>
      <PageHead
        title="Pattern"
        below={
          chart ? (
            <>
              Sizes of <TextLink to={`/charts/${chart.id}`}>{chart.name}</TextLink>, held against the ease plan.
            </>
          ) : (
            "An own draft needs nothing here: it is drawn to the plan. A graded pattern starts from its size chart."
          )
        }
        actions={
          chart ? (
            <Form method="post">
              <input type="hidden" name="version" value={job.version} />
              <Button type="submit" name="chart" value="" variant="outlined">
                Own draft instead
              </Button>
            </Form>
          ) : null
        }
      />
      {stale ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          Somebody changed this job meanwhile. It is shown here as it is now; choose again.
        </Alert>
      ) : null}
      {chart && !grading ? (
        <Alert severity="info" icon={false} sx={{ mb: 2 }}>
          Sizes are chosen once the ease plan has a school: <TextLink to={`/jobs/${job.id}/ease`}>choose one</TextLink>.
        </Alert>
      ) : null}
      {chart && grading && !grading.ok ? (
        <Alert severity="warning" sx={{ mb: 2 }}>
          {grading.problem.message} This style and this chart have no zone to be sized by.
        </Alert>
      ) : null}
      {chart && grading?.ok ? (
        <SizesOfPattern sizes={grading.value} chart={chart} maxStep={maxStep} settingsName={settingsName} />
      ) : null}
      <PointByPoint
        job={job}
        wearerId={wearerId}
        liked={liked}
        draft={draft}
        unsaved={actionData && "fields" in actionData ? actionData : undefined}
      />
      <Typography variant="h2" sx={{ mt: 4, mb: 1.5 }}>
        {chart ? "Another chart" : "Size charts"}
      </Typography>
      {charts.length > 0 || search ? <SearchBox label="Search by name" search={search} /> : null}
      {charts.length > 0 ? (
        <PlainList
          label="Size charts"
          rows={charts.map(({ id, name, notes, ease }) => ({
            key: id,
            main: <TextLink to={`/charts/${id}?job=${job.id}`}>{name}</TextLink>,
            side: ease === "stretch" ? "for stretch" : "loose",
            more: (
              <Box sx={{ display: "flex", justifyContent: "space-between", gap: 2, flexWrap: "wrap" }}>
                <span>{notes}</span>
                <PickForm version={job.version} name="chart" value={id} label={`Start from ${name}`}>
                  Start from this
                </PickForm>
              </Box>
            ),
          }))}
        />
      ) : (
        <EmptyState title={search ? "Nothing found" : "No other size chart"}>
          {search
            ? `No size chart has “${search}” in the name.`
            : "Type the chart of a pattern, or import it from a file."}
        </EmptyState>
      )}
      <Box sx={{ mt: 2, display: "flex", gap: 1 }}>
        <LinkButton to={`/charts/new?job=${job.id}`} variant="outlined">
          Type a chart
        </LinkButton>
        <LinkButton to="/charts/import" variant="outlined">
          Import a chart
        </LinkButton>
      </Box>
    </>
  );
}
