import Box from "@mui/material/Box";
import { redirect } from "react-router";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { BackToJob } from "../../frame/BackToJob.tsx";
import { keepingJob } from "../../frame/fromJob.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { ClothFields } from "../ClothFields.tsx";
import { readCloth } from "../clothForm.server.ts";
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
