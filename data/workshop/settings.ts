import type { Knex } from "knex";
import type { ShelfStock } from "../../core/calculation/index.ts";
import type { ClothSettings } from "../../core/cloth/index.ts";
import type { WorkHours } from "../../core/days/index.ts";
import type { EaseSettings } from "../../core/ease/index.ts";
import type { FinishSettings } from "../../core/edges/index.ts";
import type { Machines, Recipes } from "../../core/seams/index.ts";
import {
  keptClothSettings,
  keptEaseSettings,
  keptFinishes,
  keptMachines,
  keptRecipes,
  keptShelf,
  keptWorkHours,
} from "../../formats/kept/keptSettings.ts";
import type { KeptType } from "../../formats/kept/keptType.ts";
import { readKept, type SaveOutcome } from "../db/index.ts";

/** What a workshop can set, by name; null where it set nothing. */
export interface SettingValues {
  readonly gaugeAddress: string | null;
  readonly workshopName: string | null;
  readonly ease: EaseSettings | null;
  readonly cloth: ClothSettings | null;
  readonly shelf: ShelfStock | null;
  readonly finish: FinishSettings | null;
  readonly machines: Machines | null;
  readonly recipes: Recipes | null;
  readonly workHours: WorkHours | null;
}

/** Names of the settings that are kept. */
export type SettingName = keyof SettingValues;

/** A setting as kept, with the version an edit starts from; version 0 where it was never set. */
export interface KeptSetting<Name extends SettingName = SettingName> {
  readonly value: SettingValues[Name];
  readonly version: number;
}

/** Settings of the workshop. */
export interface SettingRepository {
  find<Name extends SettingName>(name: Name): Promise<KeptSetting<Name>>;
  /** Several at once, by name. */
  findAll<Name extends SettingName>(names: readonly Name[]): Promise<{ readonly [N in Name]: KeptSetting<N> }>;
  save<Name extends SettingName>(name: Name, setting: KeptSetting<Name>): Promise<SaveOutcome<KeptSetting<Name>>>;
}

/** Settings that are more than a line of text. */
const KEPT: Readonly<Partial<Record<SettingName, KeptType<NonNullable<SettingValues[SettingName]>>>>> = {
  ease: keptEaseSettings,
  cloth: keptClothSettings,
  shelf: keptShelf,
  finish: keptFinishes,
  machines: keptMachines,
  recipes: keptRecipes,
  workHours: keptWorkHours,
};

interface SettingRow {
  name: SettingName;
  value: string;
  format: number;
  version: number;
}

/** Settings over a connection or a transaction. */
export function settingRepository(db: Knex): SettingRepository {
  const findAll: SettingRepository["findAll"] = async (names) => {
    const rows: SettingRow[] = await db("settings").whereIn("name", names).select("name", "value", "format", "version");
    const kept = names.map((name) => [name, fromRow(rows.find((row) => row.name === name))] as const);
    return Object.fromEntries(kept) as never;
  };
  const find: SettingRepository["find"] = async (name) => (await findAll([name]))[name];
  return {
    find,
    findAll,
    async save(name, { value, version }) {
      const columns = toColumns(name, value);
      const touched =
        version === 0
          ? (
              await db("settings")
                .insert({ name, ...columns })
                .onConflict("name")
                .ignore()
                .returning("name")
            ).length
          : await db("settings")
              .where({ name, version })
              .update({ ...columns, version: version + 1 });
      return touched === 1
        ? { saved: true, value: { value, version: version + 1 } }
        : { saved: false, theirs: await find(name) };
    },
  };
}

function fromRow<Name extends SettingName>(row: SettingRow | undefined): KeptSetting<Name> {
  const kept = row && KEPT[row.name];
  const text = row && row.value !== "" ? row.value : null;
  const value = kept && text !== null ? readKept(kept, { content: text, format: row.format }) : text;
  return { value: value as SettingValues[Name], version: row?.version ?? 0 };
}

const toColumns = (name: SettingName, value: SettingValues[SettingName]) => ({
  value: typeof value === "object" && value !== null ? JSON.stringify(value) : (value ?? ""),
  format: KEPT[name]?.format ?? 1,
});
