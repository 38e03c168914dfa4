import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import { data, Form, redirect } from "react-router";
import { tellEdit } from "../../../core/job/index.ts";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { readFields } from "../../form/fields.server.ts";
import { EmptyState } from "../../frame/EmptyState.tsx";
import { listQuery } from "../../frame/listQuery.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { Pages } from "../../frame/Pages.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { PrototypeNav } from "../prototypes/PrototypeNav.tsx";
import type { Route } from "./+types/route.ts";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { job } = await planOfPage(context, params.jobId);
  const { value: workshop } = await storeOf(context).settings.find("workshopName");
  const { rows: edits, ...page } = await storeOf(context).history.ofJob(job.id, listQuery(request).page);
  return {
    job: { id: job.id, name: job.name },
    workshop,
    page,
    edits: edits.map(({ id, madeAt, rows, undoes, undone }) => ({
      id,
      madeAt,
      undoes,
      undone,
      things: tellEdit(rows),
    })),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const jobId = idFrom(params.jobId, "job");
  const fields = await readFields(request);
  const undone = await storeOf(context).undoEdit(jobId, idFrom(fields.edit, "edit"));
  if (!undone.ok) return data({ error: undone.problem.message }, { status: 409 });
  return redirect(`/jobs/${jobId}/history`);
});

/** Things of one edit that are told; the rest are counted. */
const TOLD = 6;

export default function JobHistory({ loaderData, actionData }: Route.ComponentProps) {
  const { job, edits, page, workshop } = loaderData;
  const lengths = useLengths();
  return (
    <>
      <PageHead
        title="History"
        below={`Everything that was done to this job's record${workshop ? ` in ${workshop}` : ""}, newest first. Each edit can be taken back, as long as nothing rests on it; taking back is an edit of its own.`}
      />
      <PrototypeNav jobId={job.id} />
      {actionData?.error ? (
        <Alert severity="error" sx={{ mb: 2 }}>
          {actionData.error}
        </Alert>
      ) : null}
      {edits.length === 0 ? (
        <EmptyState title="Nothing yet">
          What is done to this job from now on is written down here by itself.
        </EmptyState>
      ) : (
        <Paper component="ol" aria-label="History" sx={{ m: 0, p: 0, listStyle: "none" }}>
          {edits.map(({ id, madeAt, things, undoes, undone }) => (
            <Box
              component="li"
              key={id}
              sx={{
                display: "flex",
                gap: 2,
                px: 2,
                py: 1,
                alignItems: "baseline",
                "& + &": { borderTop: 1, borderColor: "divider" },
              }}
            >
              <Box sx={{ color: "text.secondary", whiteSpace: "nowrap", fontVariantNumeric: "tabular-nums" }}>
                {madeAt.slice(0, 10)} {madeAt.slice(11, 16)}
              </Box>
              <Box sx={{ flex: 1, textDecoration: undone ? "line-through" : "none" }}>
                {undoes === null ? null : <strong>Taken back. </strong>}
                {things.slice(0, TOLD).map(({ words, mm }, index) => (
                  <span key={`${words} ${mm ?? ""}`}>
                    {index > 0 ? "; " : ""}
                    {words}
                    {mm === null ? "" : `, ${mm < 0 ? lengths.difference(mm) : lengths.amount(mm)}`}
                  </span>
                ))}
                {things.length > TOLD ? ` and ${things.length - TOLD} more` : ""}
              </Box>
              {undone ? (
                <Box sx={{ color: "text.secondary" }}>taken back</Box>
              ) : (
                <Form method="post">
                  <Button
                    size="small"
                    type="submit"
                    name="edit"
                    value={id}
                    aria-label={`Take back: ${things[0]?.words ?? "edit"}`}
                  >
                    Take back
                  </Button>
                </Form>
              )}
            </Box>
          ))}
        </Paper>
      )}
      <Pages page={page.page} pageCount={page.pageCount} query={{}} />
    </>
  );
}
