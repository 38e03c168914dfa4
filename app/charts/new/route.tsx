import { redirect } from "react-router";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { BackToJob } from "../../frame/BackToJob.tsx";
import { keepingJob } from "../../frame/fromJob.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { ChartGrid } from "../ChartGrid.tsx";
import { ChartHeadFields } from "../ChartHeadFields.tsx";
import { NEW_CHART } from "../chartFields.ts";
import { readChart } from "../chartForm.server.ts";
import { SureInput } from "../SureInput.tsx";
import type { Route } from "./+types/route.ts";

const DRAFT = draftName("chart-new");

export const meta = () => [{ title: "New size chart · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => ({
  draft: await storeOf(context).drafts.find(DRAFT),
}));

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const read = readChart(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const id = await storeOf(context).inTransaction(async ({ charts, drafts }) => {
    await drafts.drop(DRAFT);
    return charts.add(read.value);
  });
  return redirect(keepingJob(`/charts/${id}`, request));
});

export default function NewChart({ loaderData, actionData }: Route.ComponentProps) {
  const unit = useFormUnit(actionData?.fields, loaderData.draft);
  return (
    <>
      <PageHead
        title="New size chart"
        actions={<BackToJob step="pattern" />}
        above={<TextLink to="/charts">Size charts</TextLink>}
        below="From the smallest size to the largest. Leave empty what the pattern does not state; a chart in a file can be imported instead."
      />
      <RecordForm
        draftForm={DRAFT}
        draft={loaderData.draft}
        start={NEW_CHART}
        unsaved={actionData}
        hidden={{ unit }}
        submitLabel="Keep this chart"
      >
        <SureInput />
        <ChartHeadFields />
        <ChartGrid unit={unit} />
        <TextInput name="notes" label="Notes" lines={2} />
      </RecordForm>
    </>
  );
}
