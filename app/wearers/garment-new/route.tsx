import Box from "@mui/material/Box";
import { redirect } from "react-router";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { found, idFrom, invalid, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { bodyByZone } from "../../.server/read/bodyByZone.ts";
import { shelfChoices } from "../../.server/read/layupContext.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { LikedFields } from "../garment/LikedFields.tsx";
import { readLiked } from "../garment/likedForm.server.ts";
import type { Route } from "./+types/route.ts";

const draftOf = (wearerId: number) => draftName("liked-new", wearerId);

export const meta = () => [{ title: "Measure a garment that fits · Stenz" }];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  return {
    wearer: { id: wearer.id, name: wearer.name },
    shelf: await shelfChoices(store),
    bodyMm: await bodyByZone(store, wearer.id),
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
        <LikedFields shelf={shelf} unit={unit} bodyMm={loaderData.bodyMm} />
      </RecordForm>
    </Box>
  );
}
