import type { Knex } from "knex";

/** Names of the settings that are kept. */
export type SettingName = "gaugeAddress" | "ease" | "cloth";

/** A setting as kept, with the version an edit starts from; version 0 where it was never set. */
export interface KeptSetting {
  readonly value: string;
  readonly version: number;
}

/** Settings of the workshop. */
export interface SettingRepository {
  find(name: SettingName): Promise<KeptSetting>;
  /** Keeps a value; false where somebody saved a newer one meanwhile. */
  save(name: SettingName, setting: KeptSetting): Promise<boolean>;
}

/** Settings over a connection or a transaction. */
export function settingRepository(db: Knex): SettingRepository {
  return {
    find: async (name) => (await db("settings").where({ name }).first("value", "version")) ?? { value: "", version: 0 },
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
