import Box from "@mui/material/Box";
import { redirect } from "react-router";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { shelfChoices } from "../../.server/read/layupContext.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { LayupFields } from "../LayupFields.tsx";
import { NEW_LAYUP } from "../layupFields.ts";
import { readLayup } from "../layupForm.server.ts";
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
      <RecordForm
        draftForm={DRAFT}
        draft={loaderData.draft}
        start={NEW_LAYUP}
        unsaved={actionData}
        submitLabel="Keep this layup"
      >
        <LayupFields shelf={loaderData.shelf} />
      </RecordForm>
    </Box>
  );
}
