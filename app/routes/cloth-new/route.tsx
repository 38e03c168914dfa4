import Box from "@mui/material/Box";
import { redirect } from "react-router";
import { draftName } from "../../../data/draftNames.ts";
import { BackToJob } from "../../components/BackToJob.tsx";
import { ClothFields } from "../../components/cloth/ClothFields.tsx";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { readCloth } from "../../forms/clothForm.server.ts";
import { readFields } from "../../forms/fields.server.ts";
import { keepingJob } from "../../forms/fromJob.ts";
import { invalid, storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import type { Route } from "./+types/route.ts";

const DRAFT = draftName("cloth-new");

export const meta = () => [{ title: "New cloth · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => ({
  draft: await storeOf(context).drafts.find(DRAFT),
}));

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const cloth = readCloth(fields);
  if (!cloth.ok) return invalid(fields, cloth.errors);
  const id = await storeOf(context).inTransaction(async ({ cloths, drafts }) => {
    await drafts.drop(DRAFT);
    return cloths.add(cloth.value);
  });
  return redirect(keepingJob(`/cloths/${id}`, request));
});

export default function NewCloth({ loaderData, actionData }: Route.ComponentProps) {
  return (
    <Box sx={{ maxWidth: 560 }}>
      <PageHead title="New cloth" actions={<BackToJob step="cloth" />} below="The hand test comes on the next page." />
      <RecordForm draftForm={DRAFT} draft={loaderData.draft} unsaved={actionData} submitLabel="Add cloth">
        <ClothFields />
      </RecordForm>
    </Box>
  );
}
