import { describe, expect, it } from "vitest";
import { SHIPPED_CLOTH_SETTINGS } from "../../core/cloth/index.ts";
import { SHIPPED_EASE_SETTINGS } from "../../core/ease/index.ts";
import { temporaryStore } from "../testing/index.ts";

describe("settings of the workshop", () => {
  it("are nothing, in version 0, before they are set", async () => {
    const { store } = await temporaryStore();
    const names = ["gaugeAddress", "workshopName", "ease", "cloth"] as const;
    const none = { value: null, version: 0 };
    expect(await store.settings.findAll(names)).toEqual({
      gaugeAddress: none,
      workshopName: none,
      ease: none,
      cloth: none,
    });
  });

  it.each([
    ["gaugeAddress", "tcp://127.0.0.1:7001", "/dev/ttyUSB0 115200"],
    ["workshopName", "Thornbeck & Daughters", "Thornbeck"],
    ["ease", SHIPPED_EASE_SETTINGS, { ...SHIPPED_EASE_SETTINGS, fingerAllowanceMm: 9 }],
    ["cloth", SHIPPED_CLOTH_SETTINGS, SHIPPED_CLOTH_SETTINGS],
  ] as const)("%s is kept whole, and never overwritten by an older edit", async (name, first, second) => {
    const { store } = await temporaryStore();
    expect(await store.settings.save(name, { value: first, version: 0 })).toEqual({
      saved: true,
      value: { value: first, version: 1 },
    });
    expect(await store.settings.save(name, { value: second, version: 0 })).toEqual({
      saved: false,
      theirs: { value: first, version: 1 },
    });
    expect((await store.settings.save(name, { value: second, version: 1 })).saved).toBe(true);
    expect(await store.settings.find(name)).toEqual({ value: second, version: 2 });
  });

  it("that were emptied are nothing again, and keep counting", async () => {
    const { store } = await temporaryStore();
    await store.settings.save("workshopName", { value: "Thornbeck", version: 0 });
    await store.settings.save("workshopName", { value: null, version: 1 });
    expect(await store.settings.find("workshopName")).toEqual({ value: null, version: 2 });
  });
});
