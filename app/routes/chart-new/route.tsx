import { redirect } from "react-router";
import { draftName } from "../../../data/draftNames.ts";
import { BackToJob } from "../../components/BackToJob.tsx";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { TextInput } from "../../components/forms/TextInput.tsx";
import { ChartGrid } from "../../components/grade/ChartGrid.tsx";
import { ChartHeadFields } from "../../components/grade/ChartHeadFields.tsx";
import { SureInput } from "../../components/grade/SureInput.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { useFormUnit } from "../../components/units/useFormUnit.ts";
import { readChart } from "../../forms/chartForm.server.ts";
import { readFields } from "../../forms/fields.server.ts";
import { keepingJob } from "../../forms/fromJob.ts";
import { invalid, storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
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
