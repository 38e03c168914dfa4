import Box from "@mui/material/Box";
import { redirect } from "react-router";
import { draftName } from "../../../data/draftNames.ts";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { LikedFields } from "../../components/liked/LikedFields.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { useFormUnit } from "../../components/units/useFormUnit.ts";
import { readFields } from "../../forms/fields.server.ts";
import { readLiked } from "../../forms/likedForm.server.ts";
import { found, idFrom, invalid, storeOf, today } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import { shelfChoices } from "../../server/layupContext.ts";
import type { Route } from "./+types/route.ts";

const draftOf = (wearerId: number) => draftName("liked-new", wearerId);

export const meta = () => [{ title: "Measure a garment that fits · Stenz" }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  return {
    wearer: { id: wearer.id, name: wearer.name },
    shelf: await shelfChoices(store),
    draft: await store.drafts.find(draftOf(wearer.id)),
    today: today(),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const wearerId = idFrom(params.wearerId, "wearer");
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async ({ wearers, liked, cloths, drafts }) => {
    found(await wearers.find(wearerId), "wearer");
    const read = await readLiked(fields, { cloths, today: today() });
    if (!read.ok) return invalid(fields, read.errors);
    await liked.add({ wearerId, ...read.value });
    await drafts.drop(draftOf(wearerId));
    return redirect(`/wearers/${wearerId}/garments`);
  });
});

export default function NewGarment({ loaderData, actionData }: Route.ComponentProps) {
  const { wearer, shelf, draft, today: day } = loaderData;
  const unit = useFormUnit(actionData?.fields, draft);
  return (
    <Box sx={{ maxWidth: 860 }}>
      <PageHead
        title="Measure a garment that fits"
        above={<TextLink to={`/wearers/${wearer.id}/garments`}>{`Garments that fit ${wearer.name}`}</TextLink>}
      />
      <RecordForm
        draftForm={draftOf(wearer.id)}
        draft={draft}
        start={{ measuredOn: day }}
        unsaved={actionData}
        hidden={{ unit }}
        submitLabel="Keep this garment"
      >
        <LikedFields shelf={shelf} unit={unit} />
      </RecordForm>
    </Box>
  );
}
