import { describe, expect, it } from "vitest";
import { type Sheet, valueFromTakes } from "../../core/body/index.ts";
import type { SwatchTest } from "../../core/cloth/index.ts";
import { SAMPLE_CLOTH, SAMPLE_SHEET, SAMPLE_TEST } from "../../core/testing/index.ts";
import { temporaryStore } from "../testing/index.ts";

const WEARER = { name: "Ilva", kind: "person", child: false, allergies: "latex", notes: "" } as const;

describe("sheets", () => {
  const whole: Omit<Sheet, "id" | "wearerId"> = {
    ...SAMPLE_SHEET,
    selfMeasured: true,
    wornUnder: "thin_bra",
    consent: "agreed",
    values: [
      valueFromTakes({ code: "bust", side: "single", tape: "finger" }, [
        { text: "92,5", mm: 925 },
        { text: "93", mm: 930 },
      ]),
      valueFromTakes({ code: "leg_edge", side: "left" }, [{ text: "59.8", mm: 598 }]),
    ],
    notTaken: [{ code: "trunk_loop", side: "single", reason: "nobody to help" }],
    answers: [{ ruleId: "body.range", code: "bust", side: "single", word: "confirmed" }],
  };

  it("come back as they were kept: takes, own tape, reasons, answers", async () => {
    const { store } = await temporaryStore();
    const wearerId = await store.wearers.add(WEARER);
    const id = await store.sheets.add({ ...whole, wearerId });
    expect(await store.sheets.find(id)).toEqual({ ...whole, id, wearerId });
  });

  it("take more answers later; a later word replaces the first, and none takes it back", async () => {
    const { store } = await temporaryStore();
    const id = await store.sheets.add({ ...whole, wearerId: await store.wearers.add(WEARER) });
    const place = { ruleId: "body.range", code: "bust", side: "single" } as const;
    await store.sheets.answer(id, place, "corrected");
    expect((await store.sheets.find(id))?.answers).toEqual([{ ...place, word: "corrected" }]);
    await store.sheets.answer(id, place, null);
    expect((await store.sheets.find(id))?.answers).toEqual([]);
  });

  it("are listed newest first", async () => {
    const { store } = await temporaryStore();
    const wearerId = await store.wearers.add(WEARER);
    for (const takenOn of ["2026-01-01", "2026-05-01", "2026-03-01"])
      await store.sheets.add({ ...whole, wearerId, takenOn });
    expect((await store.sheets.ofWearer(wearerId)).map(({ takenOn }) => takenOn)).toEqual([
      "2026-05-01",
      "2026-03-01",
      "2026-01-01",
    ]);
  });
});

describe("cloths", () => {
  const ladder: NonNullable<SwatchTest["ladder"]> = {
    form: "loop",
    widthMm: 25,
    gaugeMm: 100,
    steps: [
      { forceN: 1, lengthMm: 120, phase: "load", cycle: 1 },
      { forceN: 2, lengthMm: 131.5, phase: "load", cycle: 2 },
      { forceN: 1, lengthMm: 124, phase: "unload", cycle: 2 },
    ],
    afterMm: 102,
    after30MinMm: 101,
    neckIn: { restMm: 25, stretchedMm: 22, atLengthMm: 131.5 },
  };

  it("keep a ladder step by step, and a hand test beside it", async () => {
    const { store } = await temporaryStore();
    const clothId = await store.cloths.add({ ...SAMPLE_CLOTH, kind: "net", rollWidthMm: 1400, elasticKind: null });
    const test: Omit<SwatchTest, "id"> = {
      ...SAMPLE_TEST,
      clothId,
      state: "washed",
      washes: 5,
      look: "narrow",
      note: "pulled twice",
      ladder,
    };
    const id = await store.cloths.addTest(test);
    expect(await store.cloths.findTest(id)).toEqual({ ...test, id });
    expect((await store.cloths.list({ search: "", page: 1 })).rows[0]?.tests).toHaveLength(1);
  });

  it("keep one photo, which can be replaced and taken off", async () => {
    const { store } = await temporaryStore();
    const id = await store.cloths.add(SAMPLE_CLOTH);
    expect(await store.cloths.photoKey(id)).toBeNull();
    await store.cloths.keepPhoto(id, { type: "image/png", bytes: Uint8Array.from([1, 2, 3]) });
    const first = await store.cloths.photoKey(id);
    await store.cloths.keepPhoto(id, { type: "image/jpeg", bytes: Uint8Array.from([4, 5]) });
    const photo = await store.cloths.photo(id);
    expect([photo?.type, [...(photo?.bytes ?? [])]]).toEqual(["image/jpeg", [4, 5]]);
    expect(await store.cloths.photoKey(id)).not.toBe(first);
    await store.cloths.keepPhoto(id, null);
    expect(await store.cloths.photo(id)).toBeNull();
  });

  it("refuse, in the file itself, a test of neither kind", async () => {
    const { store } = await temporaryStore();
    const clothId = await store.cloths.add(SAMPLE_CLOTH);
    await expect(store.cloths.addTest({ ...SAMPLE_TEST, clothId, hand: null })).rejects.toThrow(/CHECK/);
  });
});

describe("layups", () => {
  it("keep their layers in order; a later save from an old version is refused", async () => {
    const { store } = await temporaryStore();
    const [shell, net] = [
      await store.cloths.add(SAMPLE_CLOTH),
      await store.cloths.add({ ...SAMPLE_CLOTH, name: "Net" }),
    ];
    const layers = [
      { clothId: net, direction: "along", role: "net" },
      { clothId: shell, direction: "across", role: "shell" },
    ] as const;
    const id = await store.layups.add({ name: "Two", notes: "", layers });
    const read = await store.layups.find(id);
    expect(read?.layers).toEqual(layers);
    if (!read) return;
    expect((await store.layups.save({ ...read, layers: layers.toReversed() })).saved).toBe(true);
    expect(await store.layups.save({ ...read, name: "Late" })).toMatchObject({
      saved: false,
      theirs: { name: "Two", layers: layers.toReversed() },
    });
  });
});

describe("settings", () => {
  it("are empty at first, and never overwritten by an older edit", async () => {
    const { store } = await temporaryStore();
    const first = await store.settings.find("gaugeAddress");
    expect(first).toEqual({ value: null, version: 0 });
    const save = async (value: string, version: number) =>
      (await store.settings.save("gaugeAddress", { value, version })).saved;
    expect(await save("tcp://127.0.0.1:7001", 0)).toBe(true);
    expect(await save("/dev/ttyUSB0", 0)).toBe(false);
    expect(await save("/dev/ttyUSB0", 1)).toBe(true);
    expect(await store.settings.find("gaugeAddress")).toEqual({ value: "/dev/ttyUSB0", version: 2 });
  });
});
