import { describe, expect, it } from "vitest";
import { SHIPPED_CLOTH_SETTINGS } from "../../../core/cloth/index.ts";
import { type EaseSettings, SHIPPED_EASE_SETTINGS } from "../../../core/ease/index.ts";
import { temporaryStore } from "../../../data/testing/index.ts";
import { readWorkshopSettings, settingsWords } from "./workshopSettings.ts";

const kept = async (ease: EaseSettings) => {
  const { store } = await temporaryStore();
  await store.settings.save("ease", { value: ease, version: 0 });
  return readWorkshopSettings(store);
};

describe("the workshop's settings", () => {
  it("are as shipped where none were kept, and say so", async () => {
    const { store } = await temporaryStore();
    const settings = await readWorkshopSettings(store);
    expect(settings).toEqual({
      ease: SHIPPED_EASE_SETTINGS,
      cloth: SHIPPED_CLOTH_SETTINGS,
      shelf: { rows: [] },
      versions: { ease: 0, cloth: 0 },
    });
    expect(settingsWords(settings)).toBe("settings as shipped");
  });

  it("are read back as they were kept, and named the workshop's own", async () => {
    const own = { ...SHIPPED_EASE_SETTINGS, fingerAllowanceMm: 10 };
    const settings = await kept(own);
    expect(settings.ease).toEqual(own);
    expect(settings.versions.ease).toBe(1);
    expect(settingsWords(settings)).toBe("this workshop’s own settings");
  });

  it("that the data file keeps in a shape nobody can read are an error, not a guess", async () => {
    const { db, store } = await temporaryStore();
    await db("settings").insert({ name: "ease", value: '{"drawInFreedom":"half"}' });
    await expect(readWorkshopSettings(store)).rejects.toThrow(/damaged/);
  });
});
