import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { redirect } from "react-router";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, idFrom, invalid, storeOf, today } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { bodyByZone } from "../../.server/read/bodyByZone.ts";
import { shelfChoices } from "../../.server/read/layupContext.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { conflictRows } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import type { Route } from "./+types/route.ts";
import { LikedFields } from "./LikedFields.tsx";
import { likedFields } from "./likedFields.ts";
import { readLiked } from "./likedForm.server.ts";

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
    bodyMm: await bodyByZone(store, garment.wearerId),
    draft: await store.drafts.find(draftOf(garment.id)),
  };
});

export const action = guarded(async ({ request, params, context }: Route.ActionArgs) => {
  const id = idFrom(params.garmentId, "garment");
  const fields = await readFields(request);
  return storeOf(context).inTransaction(async ({ liked, cloths, drafts }) => {
    const before = found(await liked.find(id), "garment");
    const back = `/wearers/${before.wearerId}/garments`;
    if (fields.intent === "remove") {
      await liked.remove(id);
      await drafts.drop(draftOf(id));
      return redirect(back);
    }
    const read = await readLiked(fields, { cloths, today: today() });
    if (!read.ok) return invalid(fields, read.errors);
    return answerEdit(await liked.save({ ...before, ...read.value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft: draftOf(id), what: "garment", to: back },
      rows: (theirs) => conflictRows(fields, likedFields(theirs, null)),
    });
  });
});

export default function GarmentPage({ loaderData, actionData }: Route.ComponentProps) {
  const { garment, start, shelf, draft, bodyMm } = loaderData;
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
        <LikedFields shelf={shelf} unit={unit} bodyMm={bodyMm} />
      </RecordForm>
    </Box>
  );
}
