import Box from "@mui/material/Box";
import { redirect } from "react-router";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { WearerFields } from "../WearerFields.tsx";
import { readWearer } from "../wearerForm.server.ts";
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
