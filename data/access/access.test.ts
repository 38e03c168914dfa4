import { join } from "node:path";
import { describe, expect, it, onTestFinished } from "vitest";
import { temporaryFolder } from "../testing/index.ts";
import { type AccessStore, accessFileOf, openAccess } from "./accessStore.ts";
import { IDLE_MS, ROTATED_AFTER_MS } from "./devices.ts";
import { CODE_MS } from "./pairing.ts";
import { passphraseFault } from "./passphrase.ts";
import { LOCKED_MS, WAIT_MS } from "./tries.ts";

async function temporaryAccess(file = join(temporaryFolder(), "stenz.access.sqlite")): Promise<AccessStore> {
  const access = await openAccess(file);
  onTestFinished(() => access.close());
  return access;
}

const NOON = new Date("2026-11-27T12:00:00Z");
const later = (ms: number) => new Date(NOON.getTime() + ms);
const TABLET = { name: "Tablet", role: "whole", jobs: [] } as const;

it("lies beside the data file, under its name", () =>
  expect(accessFileOf("/data/stenz.sqlite")).toBe("/data/stenz.access.sqlite"));

describe("a passphrase", () => {
  it("is known again however it was typed, and kept as no words", async () => {
    const { sharing } = await temporaryAccess();
    expect(await sharing.isPassphrase("")).toBe(false);
    await sharing.setPassphrase("Grüne Seide am Fenster");
    expect(await sharing.find()).toMatchObject({ hasPassphrase: true });
    expect(await sharing.isPassphrase("Gru\u0308ne Seide am Fenster ")).toBe(true);
    expect(await sharing.isPassphrase("grüne Seide am Fenster")).toBe(false);
  });

  it.each([["kurz"], ["elf letters"], ["x".repeat(201)], [" ".repeat(30)]])("%s is refused", (text) =>
    expect(passphraseFault(text)).toMatch(/^Expected 12 to 200 letters/),
  );

  it("of three words is taken", () => expect(passphraseFault("three plain words")).toBeNull());
});

it("how it is shared is kept by version", async () => {
  const { sharing } = await temporaryAccess();
  const { hasPassphrase: _none, ...first } = await sharing.find();
  expect(first).toMatchObject({ on: false, tls: "made" });
  expect(await sharing.save({ ...first, on: true })).toMatchObject({ saved: true, value: { on: true, version: 1 } });
  expect(await sharing.save({ ...first, tls: "none" })).toMatchObject({ saved: false, theirs: { on: true } });
});

describe("a code", () => {
  it("pairs once, with what it was made for", async () => {
    const { pairing } = await temporaryAccess();
    const { code, until } = await pairing.start({ role: "fittings", jobs: ["a", "b"] }, NOON);
    expect(code).toMatch(/^\d{6}$/);
    expect(until).toBe(later(CODE_MS).toISOString());
    expect(await pairing.standing(NOON)).toEqual({ until, role: "fittings" });
    expect(await pairing.take(code, later(1000))).toEqual({ role: "fittings", jobs: ["a", "b"] });
    expect(await pairing.take(code, later(1000))).toBeNull();
    expect(await pairing.standing(NOON)).toBeNull();
  });

  it("is good for five minutes, and no longer where the clock is set back", async () => {
    const { pairing } = await temporaryAccess();
    const { code } = await pairing.start(TABLET, NOON);
    expect(await pairing.take(code, later(CODE_MS))).toBeNull();
    expect(await pairing.take(code, later(-3_600_000))).toBeNull();
    expect(await pairing.take(code, later(CODE_MS - 1))).toMatchObject({ role: "whole" });
  });

  it("is no longer good once another was made, or ten were wrong", async () => {
    const { pairing } = await temporaryAccess();
    const first = await pairing.start(TABLET, NOON);
    const { code } = await pairing.start(TABLET, NOON);
    const wrong = first.code === code ? "none" : first.code;
    for (let tried = 0; tried < 9; tried += 1) expect(await pairing.take(wrong, NOON)).toBeNull();
    expect(await pairing.standing(NOON)).not.toBeNull();
    expect(await pairing.take(wrong, NOON)).toBeNull();
    expect(await pairing.take(code, NOON)).toBeNull();
  });
});

describe("wrong tries", () => {
  it("wait from the fifth on, and from the tenth for a quarter of an hour, a server started anew as well", async () => {
    const file = join(temporaryFolder(), "stenz.access.sqlite");
    const { tries, close } = await openAccess(file);
    const waits: number[] = [];
    for (let tried = 1; tried <= 10; tried += 1) {
      await tries.wrong("code", "10.0.0.7", NOON);
      waits.push(await tries.waitMs("code", "10.0.0.7", NOON));
    }
    expect(waits).toEqual([0, 0, 0, 0, ...Array(5).fill(WAIT_MS), LOCKED_MS]);
    await close();
    const again = await temporaryAccess(file);
    expect(await again.tries.waitMs("code", "10.0.0.7", later(60_000))).toBe(LOCKED_MS - 60_000);
    expect(await again.tries.waitMs("code", "10.0.0.8", NOON)).toBe(0);
    expect(await again.tries.waitMs("code", "10.0.0.7", later(LOCKED_MS))).toBe(0);
  });

  it("are counted anew after a right one, or a quarter of an hour", async () => {
    const { tries } = await temporaryAccess();
    for (let tried = 0; tried < 5; tried += 1) await tries.wrong("passphrase", "a", NOON);
    await tries.right("passphrase", "a");
    expect(await tries.waitMs("passphrase", "a", NOON)).toBe(0);
    for (let tried = 0; tried < 9; tried += 1) await tries.wrong("passphrase", "b", NOON);
    await tries.wrong("passphrase", "b", later(LOCKED_MS));
    expect(await tries.waitMs("passphrase", "b", later(LOCKED_MS))).toBe(0);
  });

  it("of many addresses count together; a clock set back locks nobody for longer", async () => {
    const { tries } = await temporaryAccess();
    for (let tried = 0; tried < 50; tried += 1) await tries.wrong("code", `10.0.0.${tried}`, NOON);
    expect(await tries.waitMs("code", "10.9.9.9", NOON)).toBe(LOCKED_MS);
    expect(await tries.waitMs("code", "10.9.9.9", later(-3_600_000))).toBe(LOCKED_MS);
  });
});

describe("a device", () => {
  it("is known by its secret until it is sent away", async () => {
    const { devices } = await temporaryAccess();
    const token = await devices.add({ name: "Tablet", role: "fittings", jobs: ["b", "a"] }, NOON);
    const known = await devices.recognise(token, later(1000));
    expect(known).toMatchObject({ device: { name: "Tablet", role: "fittings", jobs: ["a", "b"] }, token: null });
    expect(await devices.recognise(`${token}x`, NOON)).toBeNull();
    await devices.remove(known?.device.id ?? 0);
    expect(await devices.recognise(token, NOON)).toBeNull();
    expect(await devices.all()).toEqual([]);
  });

  it("gets a new secret twice a day; the old one is good until the new one is used, and a little longer", async () => {
    const { devices } = await temporaryAccess();
    const old = await devices.add(TABLET, NOON);
    const rotated = later(ROTATED_AFTER_MS + 1000);
    const plus = (ms: number) => new Date(rotated.getTime() + ms);
    const fresh = (await devices.recognise(old, rotated))?.token ?? "";
    expect(fresh).not.toBe("");
    // What was under way with the old one goes on, and is given no third.
    expect(await devices.recognise(old, plus(500))).toMatchObject({ token: null });
    expect(await devices.recognise(fresh, plus(1000))).toMatchObject({ token: null });
    expect(await devices.recognise(old, plus(2000))).not.toBeNull();
    expect(await devices.recognise(old, plus(10 * 60_000))).toBeNull();
    expect(await devices.recognise(fresh, plus(10 * 60_000))).not.toBeNull();
  });

  it("whose new secret never arrived is given another", async () => {
    const { devices } = await temporaryAccess();
    const old = await devices.add(TABLET, NOON);
    const lost = (await devices.recognise(old, later(ROTATED_AFTER_MS + 1000)))?.token ?? "";
    const again = await devices.recognise(old, later(ROTATED_AFTER_MS + 3_600_000));
    expect(again?.token).not.toBeNull();
    expect(await devices.recognise(lost, later(ROTATED_AFTER_MS + 3_600_000))).toBeNull();
  });

  it("that was not used for sixty days is not let in; used now and then it is", async () => {
    const { devices } = await temporaryAccess();
    const token = await devices.add(TABLET, NOON);
    expect(await devices.recognise(token, later(IDLE_MS + 1))).toBeNull();
    const fresh = (await devices.recognise(token, later(IDLE_MS - 1)))?.token ?? "";
    expect(await devices.recognise(fresh, later(IDLE_MS + 1))).not.toBeNull();
  });

  it("is given another role by version; only for fittings it has jobs", async () => {
    const { devices } = await temporaryAccess();
    await devices.add({ name: "Tablet", role: "fittings", jobs: ["a"] }, NOON);
    const [device] = await devices.all();
    if (!device) throw new Error("It was added.");
    expect(await devices.change({ ...device, role: "look" })).toMatchObject({
      saved: true,
      value: { role: "look", jobs: [], version: 2 },
    });
    expect(await devices.change({ ...device, name: "Other" })).toMatchObject({
      saved: false,
      theirs: { name: "Tablet" },
    });
  });
});
