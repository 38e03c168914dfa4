import { EMPTY_SHELF, SHELF_FIELD } from "../../../core/materials/index.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readFields } from "../../form/fields.server.ts";
import { PageHead } from "../../frame/PageHead.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { RowsField } from "../../jobs/calculation/RowsField.tsx";
import { type EditedSetting, keepSetting, settingToEdit } from "../keepSetting.server.ts";
import { SettingForm } from "../SettingForm.tsx";
import type { Route } from "./+types/route.ts";
import { shelfFields } from "./shelfFields.ts";
import { readShelf } from "./shelfForm.server.ts";

const DRAFT = draftName("shelf");

const SETTING: EditedSetting<"shelf"> = {
  ...{ name: "shelf", draft: DRAFT, what: "shelf", to: "/shelf" },
  fieldsOf: (value) => shelfFields(value ?? EMPTY_SHELF),
};

export const meta = () => [{ title: "Shelf stock · Stenz" }];

export const loader = guarded(({ context }: Route.LoaderArgs) => settingToEdit(storeOf(context), SETTING));

export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const fields = await readFields(request);
  return keepSetting(fields, storeOf(context), SETTING, readShelf(fields));
});

export default function ShelfStockPage({ loaderData, actionData }: Route.ComponentProps) {
  const { unit } = useLengths();
  return (
    <>
      <PageHead
        title="Shelf stock"
        above={<TextLink to="/cloths">Cloths</TextLink>}
        below="What there is, under the name it has in the jobs: cloths and elastics as they are called there, notions as you call them. Prices are of a metre or a piece, in your own money; leave open what you do not count."
      />
      <SettingForm draftForm={DRAFT} from={loaderData} unsaved={actionData} submitLabel="Keep the shelf">
        <RowsField name="rows" field={SHELF_FIELD} unit={unit} />
      </SettingForm>
    </>
  );
}
