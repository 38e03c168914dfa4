import type { ShelfStock } from "../../../core/calculation/index.ts";
import { EMPTY_SHELF, SHELF_FIELD } from "../../../core/materials/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { RecordForm } from "../../form/RecordForm.tsx";
import { conflictRows } from "../../form/unsaved.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { RowsField } from "../../jobs/calculation/RowsField.tsx";
import type { Route } from "./+types/route.ts";
import { shelfFields } from "./shelfFields.ts";
import { readShelf } from "./shelfForm.server.ts";

const DRAFT = draftName("shelf");

export const meta = () => [{ title: "Shelf stock · Stenz" }];

export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const { value, version } = await store.settings.find("shelf");
  return { start: shelfFields(value ?? EMPTY_SHELF), version, draft: await store.drafts.find(DRAFT) };
});

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  const read = readShelf(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const value: ShelfStock = read.value;
  return storeOf(context).inTransaction(async ({ settings, drafts }) =>
    answerEdit(await settings.save("shelf", { value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft: DRAFT, what: "shelf", to: "/shelf" },
      rows: (theirs) => conflictRows(fields, shelfFields(theirs.value ?? EMPTY_SHELF)),
    }),
  );
});

export default function ShelfStockPage({ loaderData, actionData }: Route.ComponentProps) {
  const { start, version, draft } = loaderData;
  const { unit } = useLengths();
  return (
    <>
      <PageHead
        title="Shelf stock"
        above={<TextLink to="/cloths">Cloths</TextLink>}
        below="What there is, under the name it has in the jobs: cloths and elastics as they are called there, notions as you call them. Prices are of a metre or a piece, in your own money; leave open what you do not count."
      />
      <RecordForm
        key={version}
        draftForm={DRAFT}
        draft={draft}
        start={start}
        unsaved={actionData}
        hidden={{ version }}
        submitLabel="Keep the shelf"
      >
        <RowsField name="rows" field={SHELF_FIELD} unit={unit} />
      </RecordForm>
    </>
  );
}
