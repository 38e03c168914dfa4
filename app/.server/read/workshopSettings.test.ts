import { describe, expect, it } from "vitest";
import { SHIPPED_CLOTH_SETTINGS } from "../../../core/cloth/index.ts";
import { SHIPPED_EASE_SETTINGS } from "../../../core/ease/index.ts";
import { temporaryStore } from "../../../data/testing/index.ts";
import { checkEaseSettings, readWorkshopSettings, settingsWords } from "./workshopSettings.ts";

const kept = async (ease: string) => {
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
      versions: { ease: 0, cloth: 0 },
    });
    expect(settingsWords(settings)).toBe("settings as shipped");
  });

  it("are read back as they were kept, and named the workshop's own", async () => {
    const own = { ...SHIPPED_EASE_SETTINGS, fingerAllowanceMm: 10 };
    const settings = await kept(JSON.stringify(own));
    expect(settings.ease).toEqual(own);
    expect(settings.versions.ease).toBe(1);
    expect(settingsWords(settings)).toBe("this workshop’s own settings");
  });

  it("kept by an earlier version have what came later as shipped", async () => {
    const { drawInFreedom: _later, ...earlier } = SHIPPED_EASE_SETTINGS;
    expect((await kept(JSON.stringify(earlier))).ease).toEqual(SHIPPED_EASE_SETTINGS);
  });

  it("that cannot be read are an error, not a guess", async () => {
    await expect(kept(JSON.stringify({ ...SHIPPED_EASE_SETTINGS, drawInFreedom: "half" }))).rejects.toThrow(
      /cannot be read/,
    );
  });

  it("are checked before they are kept", () => {
    expect(checkEaseSettings(SHIPPED_EASE_SETTINGS).ok).toBe(true);
    const wrong = checkEaseSettings({ ...SHIPPED_EASE_SETTINGS, sizeStep: 1.5 });
    expect(wrong.ok ? "" : wrong.problem.message).toMatch(/^Expected sizeStep to be integer/);
  });
});
