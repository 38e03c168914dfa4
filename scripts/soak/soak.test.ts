import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it, onTestFinished } from "vitest";
import { PAGES } from "../../app/testing/demoPages.ts";
import { ensureBuilt } from "../build.mjs";
import { faultsOf } from "../dataFile.mjs";
import { formsOf } from "./forms.ts";
import { fuzz, noRequests } from "./fuzzing.ts";
import { killAgain, noKills } from "./killing.ts";
import { loadBy } from "./loading.ts";
import { chanceOf } from "./options.ts";
import { startFuzzed } from "./putBack.ts";
import { PATTERNS } from "./requests.ts";
import { startSoaked } from "./server.ts";

const folder = () => {
  const made = mkdtempSync(join(tmpdir(), "stenz-soak-"));
  onTestFinished(() => rmSync(made, { recursive: true, force: true }));
  return made;
};

describe("what the soaks send", () => {
  it("is what stands in the forms of a page, with each button's own word", () => {
    const html = `<body><form method="post" action="/x"><input name="version" value="3"><input type="checkbox" name="a" value="yes">
      <textarea name="notes">as it was</textarea><button name="intent" value="keep">Keep</button><button name="intent" value="drop">Drop</button></form>
      <form method="get"><input name="q"></form></body>`;
    expect(formsOf(html, "/jobs/1")).toEqual([
      { address: "/x", fields: { version: "3", notes: "as it was", intent: "keep" }, free: ["notes"] },
      { address: "/x", fields: { version: "3", notes: "as it was", intent: "drop" }, free: ["notes"] },
    ]);
  });

  it("goes to every address there is, and chance is the same for the same seed", () => {
    expect(PATTERNS).toContain("/jobs/:jobId/prototypes/:number/fitting");
    expect(PATTERNS.length).toBeGreaterThan(90);
    const [one, other] = [chanceOf(7), chanceOf(7)];
    const drawn = Array.from({ length: 50 }, () => one(1000));
    expect(Array.from({ length: 50 }, () => other(1000))).toEqual(drawn);
    expect(new Set(drawn).size).toBeGreaterThan(40);
    expect(Math.max(...drawn)).toBeLessThan(1000);
  });
});

describe("a short soak", () => {
  it("of kills loses nothing that was acknowledged", { timeout: 240_000 }, async () => {
    expect(await ensureBuilt()).toBe(true);
    const counts = noKills();
    const said: string[] = [];
    await killAgain({ folder: folder(), seed: 3, counts, say: (words) => said.push(words) }, 4, () => undefined);
    expect(said).toEqual([]);
    expect(counts).toMatchObject({ kills: 4, lost: 0, torn: 0 });
    expect(counts.acknowledged).toBeGreaterThan(3);
  });

  it("of generated requests is answered without a failure, and leaves the file whole", {
    timeout: 240_000,
  }, async () => {
    expect(await ensureBuilt()).toBe(true);
    const { server, dataFile, putBack } = await startFuzzed(folder());
    const counts = noRequests();
    const said: string[] = [];
    const fuzzing = { server, putBack, counts, chance: chanceOf(11), say: (words: string) => said.push(words) };
    await fuzz(fuzzing, 1200, () => undefined);
    expect(await putBack()).toEqual([]);
    expect(said).toEqual([]);
    expect(server.alive()).toBe(true);
    await server.stop();
    expect(counts).toMatchObject({ failed: 0, computeFailed: 0 });
    expect(await faultsOf(dataFile)).toEqual([]);
    expect(PAGES.length).toBeGreaterThan(100);
  });

  it("of devices at work has no errors", { timeout: 120_000 }, async () => {
    expect(await ensureBuilt()).toBe(true);
    const server = await startSoaked(join(folder(), "load.sqlite"), true);
    const told = await loadBy(server, { devices: 10, seconds: 5, seed: 1, readsMs: 200 });
    await server.stop();
    expect(told.errors).toBe(0);
    expect(told.requests).toBeGreaterThan(20);
  });
});
