import type { Repositories, Store } from "../../data/store.ts";
import type { KeptSetting, SettingName } from "../../data/workshop/index.ts";
import type { FormRead } from "../../formats/form/index.ts";
import { answerEdit, startedFrom } from "../.server/http/answerEdit.ts";
import { invalid } from "../.server/http/answers.ts";
import { conflictRows, type Fields } from "../form/unsaved.ts";

type Value<Name extends SettingName> = KeptSetting<Name>["value"];

/** A setting that is edited on a page of its own. */
export interface EditedSetting<Name extends SettingName> {
  readonly name: Name;
  /** Name its half-filled form is kept under. */
  readonly draft: string;
  /** What it is called where somebody else kept it meanwhile. */
  readonly what: string;
  /** Its page. */
  readonly to: string;
  /** The fields it is edited from; null where it was never kept. */
  readonly fieldsOf: (value: Value<Name>) => Fields;
}

/** What the page of a setting starts from. */
export async function settingToEdit<Name extends SettingName>(
  { settings, drafts }: Pick<Repositories, "settings" | "drafts">,
  { name, draft, fieldsOf }: EditedSetting<Name>,
) {
  const { value, version } = await settings.find(name);
  return { start: fieldsOf(value), version, draft: await drafts.find(draft) };
}

/** Keeps a setting as its form was read. */
export function keepSetting<Name extends SettingName>(
  fields: Fields,
  store: Store,
  { name, draft, what, to, fieldsOf }: EditedSetting<Name>,
  read: FormRead<NonNullable<Value<Name>>>,
) {
  if (!read.ok) return invalid(fields, read.errors);
  return store.inTransaction(async ({ settings, drafts }) =>
    answerEdit(await settings.save(name, { value: read.value, version: startedFrom(fields) }), {
      ...{ fields, drafts, draft, what, to },
      rows: (theirs) => conflictRows(fields, fieldsOf(theirs.value)),
    }),
  );
}
