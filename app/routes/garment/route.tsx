import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { redirect } from "react-router";
import { draftName } from "../../../data/draftNames.ts";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { LikedFields } from "../../components/liked/LikedFields.tsx";
import { PageHead } from "../../components/PageHead.tsx";
import { TextLink } from "../../components/TextLink.tsx";
import { useFormUnit } from "../../components/units/useFormUnit.ts";
import { readFields } from "../../forms/fields.server.ts";
import { likedFields } from "../../forms/likedFields.ts";
import { readLiked } from "../../forms/likedForm.server.ts";
import { conflictRows } from "../../forms/unsaved.ts";
import { conflict, found, idFrom, invalid, storeOf, today } from "../../server/answers.ts";
import { guarded } from "../../server/guarded.ts";
import { shelfChoices } from "../../server/layupContext.ts";
import type { Route } from "./+types/route.ts";

const draftOf = (id: number) => draftName("liked", id);

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.garment.name ?? "Garment"} · Stenz` },
];

export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const garment = found(await store.liked.find(idFrom(params.garmentId, "garment")), "garment");
  const cloth = garment.clothId === null ? null : await store.cloths.find(garment.clothId);
  return {
    garment: { id: garment.id, name: garment.name, wearerId: garment.wearerId, version: garment.version },
    start: likedFields(garment, cloth?.name ?? null),
    shelf: await shelfChoices(store),
    draft: await store.drafts.find(draftOf(garment.id)),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.garmentId, "garment");
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async ({ liked, cloths, drafts }) => {
    const before = found(await liked.find(id), "garment");
    const back = redirect(`/wearers/${before.wearerId}/garments`);
    if (fields.intent === "remove") {
      await liked.remove(id);
      await drafts.drop(draftOf(id));
      return back;
    }
    const read = await readLiked(fields, { cloths, today: today() });
    if (!read.ok) return invalid(fields, read.errors);
    const outcome = await liked.save({ ...before, ...read.value, version: Number(fields.version) });
    if (outcome.saved) {
      await drafts.drop(draftOf(id));
      return back;
    }
    const theirs = found(outcome.theirs, "garment");
    return conflict(fields, theirs.version, conflictRows(fields, likedFields(theirs, null)));
  });
});

export default function GarmentPage({ loaderData, actionData }: Route.ComponentProps) {
  const { garment, start, shelf, draft } = loaderData;
  const unit = useFormUnit(actionData?.fields, draft);
  return (
    <Box sx={{ maxWidth: 860 }}>
      <PageHead
        title={garment.name}
        above={<TextLink to={`/wearers/${garment.wearerId}/garments`}>Garments that fit</TextLink>}
      />
      <RecordForm
        key={garment.version}
        draftForm={draftOf(garment.id)}
        draft={draft}
        start={start}
        unsaved={actionData}
        hidden={{ unit, version: garment.version }}
        submitLabel="Save"
        beside={
          <Button type="submit" name="intent" value="remove" color="inherit">
            Take it off the list
          </Button>
        }
      >
        <LikedFields shelf={shelf} unit={unit} />
      </RecordForm>
    </Box>
  );
}
