import Box from "@mui/material/Box";
import { redirect } from "react-router";
import { draftName } from "../../../data/draftNames.ts";
import { WearerFields } from "../../components/body/WearerFields.tsx";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { readFields } from "../../forms/fields.server.ts";
import { readWearer } from "../../forms/wearerForm.server.ts";
import { invalid, storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import type { Route } from "./+types/route.ts";

const DRAFT = draftName("wearer-new");

export const meta = () => [{ title: "New wearer · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => ({
  draft: await storeOf(context).drafts.find(DRAFT),
}));

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const wearer = readWearer(fields);
  if (!wearer.ok) return invalid(fields, wearer.errors);
  const id = await storeOf(context).inTransaction(async ({ wearers, drafts }) => {
    await drafts.drop(DRAFT);
    return wearers.add(wearer.value);
  });
  return redirect(`/wearers/${id}`);
});

export default function NewWearer({ loaderData, actionData }: Route.ComponentProps) {
  return (
    <Box sx={{ maxWidth: 560 }}>
      <PageHead
        title="New wearer"
        below="Keep no more than the job needs. What is written here can be changed later."
      />
      <RecordForm draftForm={DRAFT} draft={loaderData.draft} unsaved={actionData} submitLabel="Add wearer">
        <WearerFields autoFocus />
      </RecordForm>
    </Box>
  );
}
