import Box from "@mui/material/Box";
import { redirect } from "react-router";
import { draftName } from "../../../data/draftNames.ts";
import { LayupFields } from "../../components/cloth/LayupFields.tsx";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { readFields } from "../../forms/fields.server.ts";
import { readLayup } from "../../forms/layupForm.server.ts";
import { invalid, storeOf } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import { shelfChoices } from "../../server/layupContext.ts";
import type { Route } from "./+types/route.ts";

const DRAFT = draftName("layup-new");

export const meta = () => [{ title: "New layup · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  return { shelf: await shelfChoices(store), draft: await store.drafts.find(DRAFT) };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async (repositories) => {
    const layup = await readLayup(fields, repositories);
    if (!layup.ok) return invalid(fields, layup.errors);
    await repositories.drafts.drop(DRAFT);
    return redirect(`/layups/${await repositories.layups.add(layup.value)}`);
  });
});

export default function NewLayup({ loaderData, actionData }: Route.ComponentProps) {
  return (
    <Box sx={{ maxWidth: 720 }}>
      <PageHead
        title="New layup"
        above={<TextLink to="/layups">Layups</TextLink>}
        below="From the outside in. Each layer keeps its own direction."
      />
      <RecordForm draftForm={DRAFT} draft={loaderData.draft} unsaved={actionData} submitLabel="Keep this layup">
        <LayupFields shelf={loaderData.shelf} />
      </RecordForm>
    </Box>
  );
}
