import Typography from "@mui/material/Typography";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { askedPieces, keepingPieces } from "../../.server/http/piecesAsked.ts";
import { loadWorkings } from "../../.server/read/workingContext.ts";
import { readForm } from "../../form/fields.server.ts";
import { textsOf, type Unsaved } from "../../form/unsaved.ts";
import { CutFromNav } from "../../frame/CutFromNav.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { unsavedFor } from "../calculation/unsavedFor.ts";
import { WorkingForm } from "../calculation/WorkingForm.tsx";
import type { Route } from "./+types/route.ts";
import { ChartFile } from "./ChartFile.tsx";
import { EdgeCard } from "./EdgeCard.tsx";
import { keepAnew, readInChart, saveElastics } from "./elastics.server.ts";
import { StaleNotice } from "./StaleNotice.tsx";
import { TotalsTable } from "./TotalsTable.tsx";

export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { at, pages, cutFrom } = await loadWorkings({ request, params, context }, ["elastics"]);
  return {
    cutFrom,
    at,
    page: pages.elastics,
    elastics: pages.elastics.facts.elastics.map(({ id, name, forceN }) => ({
      id,
      name: forceN ? name : `${name} (no load ladder)`,
    })),
  };
});

export const action = guarded(
  keepingPieces(async ({ request, params, context }: Route.ActionArgs) => {
    const jobId = idFrom(params.jobId, "job");
    const form = await readForm(request);
    const fields = textsOf(form);
    if (fields.intent === "chart") return readInChart(form, jobId, storeOf(context), request.signal);
    if (fields.intent === "anew") return keepAnew(fields, jobId, { context, asked: askedPieces(request) });
    return saveElastics(fields, jobId, { context, asked: askedPieces(request) });
  }),
);

export default function JobElastics({ loaderData, actionData }: Route.ComponentProps) {
  const { at, page, elastics } = loaderData;
  const unsaved = actionData as Unsaved | undefined;
  const intent = unsaved?.fields.intent;
  return (
    <>
      <PageHead
        title="Elastics"
        below="Every edge with elastic, by four schools side by side: how long it is cut, how it sits, how hard it presses, whether it goes on."
      />
      <CutFromNav cutFrom={loaderData.cutFrom} />
      <WorkingForm
        page={page}
        at={at}
        title="Edges with elastic"
        intro="A row an edge. What is empty comes from the kept pieces, the ease plan, and what is usual; a ratio of your own is that of the back of a leg, or of the wings of a band."
        above
        options={elastics}
        unsaved={unsavedFor("elastics", unsaved)}
      >
        {({ reckoning, kept, working }) => (
          <>
            {kept && reckoning.edges.some(({ stale }) => stale) ? (
              <StaleNotice
                version={page.kept.version}
                error={intent === "anew" ? unsaved?.errors.version : undefined}
              />
            ) : null}
            {reckoning.edges.map((edge) => (
              <EdgeCard
                key={`${edge.row}/${edge.key}`}
                edge={edge}
                chosen={working.edges[edge.row]?.school ?? "ratio"}
              />
            ))}
            {reckoning.totals.length > 0 ? <TotalsTable totals={reckoning.totals} /> : null}
            {reckoning.edges.length > 0 ? (
              <Typography sx={{ fontSize: "0.92rem", color: "text.secondary", mb: 1 }}>
                Pressures are means, and no medicine: at legs, arms and neck stop from 2.7 kPa, and sooner where a mark
                stays.
              </Typography>
            ) : null}
          </>
        )}
      </WorkingForm>
      <ChartFile
        key={`chart ${JSON.stringify([page.kept.version, unsaved])}`}
        version={page.kept.version}
        unsaved={intent === "chart" ? unsaved : undefined}
      />
    </>
  );
}
