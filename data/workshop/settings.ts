import type { Knex } from "knex";

/** Names of the settings that are kept. */
export type SettingName = "gaugeAddress" | "workshopName" | "ease" | "cloth";

/** A setting as kept, with the version an edit starts from; version 0 where it was never set. */
export interface KeptSetting {
  readonly value: string;
  readonly version: number;
}

const NEVER_SET: KeptSetting = { value: "", version: 0 };

/** Settings of the workshop. */
export interface SettingRepository {
  find(name: SettingName): Promise<KeptSetting>;
  /** Several at once, by name. */
  findAll<Name extends SettingName>(names: readonly Name[]): Promise<Readonly<Record<Name, KeptSetting>>>;
  /** Keeps a value; false where somebody saved a newer one meanwhile. */
  save(name: SettingName, setting: KeptSetting): Promise<boolean>;
}

/** Settings over a connection or a transaction. */
export function settingRepository(db: Knex): SettingRepository {
  return {
    find: async (name) => (await db("settings").where({ name }).first("value", "version")) ?? NEVER_SET,
    async findAll(names) {
      const rows: ({ name: string } & KeptSetting)[] = await db("settings")
        .whereIn("name", names)
        .select("name", "value", "version");
      const kept = names.map((name) => {
        const { value, version } = rows.find((row) => row.name === name) ?? NEVER_SET;
        return [name, { value, version }] as const;
      });
      return Object.fromEntries(kept) as Record<(typeof names)[number], KeptSetting>;
    },
    async save(name, { value, version }) {
      if (version === 0) {
        const { length } = await db("settings").insert({ name, value }).onConflict("name").ignore().returning("name");
        return length === 1;
      }
      return (
        (await db("settings")
          .where({ name, version })
          .update({ value, version: version + 1 })) === 1
      );
    },
  };
}
