import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { conflictRows } from "../../form/unsaved.ts";
import { BackToJob } from "../../frame/BackToJob.tsx";
import { keepingJob } from "../../frame/fromJob.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { ChartGrid } from "../ChartGrid.tsx";
import { ChartHeadFields } from "../ChartHeadFields.tsx";
import { chartFields } from "../chartFields.ts";
import { readChart } from "../chartForm.server.ts";
import { SureInput } from "../SureInput.tsx";
import type { Route } from "./+types/route.ts";

const draftOf = (id: number) => draftName("chart", id);

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.chart.name ?? "Size chart"} · Stenz` },
];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const chart = found(await store.charts.find(idFrom(params.chartId, "size chart")), "size chart");
  return { chart, start: chartFields(chart), draft: await store.drafts.find(draftOf(chart.id)) };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.chartId, "size chart");
  const fields = await readFields(request);
  const read = readChart(fields);
  if (!read.ok) return invalid(fields, read.errors);
  return storeOf(context).inTransaction(async ({ charts, drafts }) => {
    return answerEdit(await charts.save({ id, version: startedFrom(fields), ...read.value }), {
      ...{ fields, drafts, draft: draftOf(id), what: "size chart", to: keepingJob(`/charts/${id}`, request) },
      rows: (theirs) => conflictRows(fields, chartFields(theirs)),
    });
  });
});

export default function ChartPage({ loaderData, actionData }: Route.ComponentProps) {
  const { chart, start, draft } = loaderData;
  const file = (layout: string, words: string) => (
    <a href={`/charts/${chart.id}/export/${layout}`} download>
      {words}
    </a>
  );
  return (
    <>
      <PageHead
        title={chart.name}
        actions={<BackToJob step="pattern" />}
        above={<TextLink to="/charts">Size charts</TextLink>}
        below={
          <>
            {chart.ease === "stretch" ? "Drawn for stretch." : "Drawn loose."} As {file("csv", "CSV")}, as{" "}
            {file("json", "JSON")}.
          </>
        }
      />
      <RecordForm
        key={chart.version}
        draftForm={draftOf(chart.id)}
        draft={draft}
        start={start}
        unsaved={actionData}
        hidden={{ unit: "cm", version: chart.version }}
        submitLabel="Save"
      >
        <SureInput />
        <ChartHeadFields />
        <ChartGrid unit="cm" />
        <TextInput name="notes" label="Notes" lines={2} />
      </RecordForm>
    </>
  );
}
