import { copyFileSync, mkdtempSync, rmSync, statfsSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import Database from "better-sqlite3";
import { describe, expect, it, onTestFinished } from "vitest";
import { ensureBuilt } from "../build.mjs";
import { faultsOf } from "../dataFile.mjs";
import { type SoakServer, startSoaked } from "./server.ts";
import { type SmallDisk, smallDisk } from "./smallDisk.ts";

const [SIZE, LEFT] = [48_000_000, 1_500_000];

const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), "stenz-disk-"));
  onTestFinished(() => rmSync(made, { recursive: true, force: true }));
  return made;
};

const disk = await smallDisk(mkdtempSync(join(tmpdir(), "stenz-try-")), 65_536);
await disk?.close();

/** A disk of a test's own. */
async function ownDisk(): Promise<SmallDisk> {
  const made = await smallDisk(folder(), SIZE);
  if (!made) throw new Error("A small disk could be mounted a moment ago.");
  onTestFinished(() => made.close());
  return made;
}

const post = (server: SoakServer, path: string, fields: Readonly<Record<string, string>>) =>
  fetch(`${server.address}${path}`, { method: "POST", body: new URLSearchParams(fields), redirect: "manual" });

/** A half-filled form of some length: what is written most often of all. */
const draft = (at: number) => ({ draftForm: `trial:1:${at}`, notes: `${at} `.padEnd(50_000, "x") });

/** Fills the disk but for so much. */
function fill({ outside }: SmallDisk, left: number): void {
  const { bavail, bsize } = statfsSync(outside);
  writeFileSync(join(outside, "filler"), Buffer.alloc(Math.max(0, bavail * bsize - left)));
}

// Where nobody may mount anything, the sentences alone are tested: `guarded.test.ts`, `backup.test.ts`.
describe.runIf(disk !== null)("on a small disk of its own", () => {
  it("a full disk is said, loses nothing that was acknowledged, and is gone on from once there is room", {
    timeout: 120_000,
  }, async () => {
    expect(await ensureBuilt()).toBe(true);
    const small = await ownDisk();
    const file = "full.sqlite";
    const server = await startSoaked(join(small.folder, file), true, small.under);
    fill(small, LEFT);
    let [acknowledged, refused] = [0, null as Response | null];
    while (refused === null && acknowledged < 200) {
      const response = await post(server, "/drafts.data", draft(acknowledged));
      if (response.ok) acknowledged += 1;
      else refused = response;
    }
    expect(acknowledged).toBeGreaterThan(5);
    expect(refused?.status).toBe(507);
    expect(await refused?.text()).toContain("The disk is full, so this was not saved");
    // It is read from all the while, and a backup that has no room says so.
    expect((await fetch(`${server.address}/jobs/1`)).status).toBe(200);
    const backup = await post(server, "/settings/backups", { intent: "now" });
    expect(backup.status).toBeLessThan(500);
    expect(await (await fetch(`${server.address}/settings/backups`)).text()).toMatch(/disk[^<]*full|no room/i);

    rmSync(join(small.outside, "filler"));
    expect((await post(server, "/drafts.data", draft(acknowledged))).status).toBe(200);
    expect((await post(server, "/settings/backups", { intent: "now" })).status).toBe(302);
    expect(server.alive()).toBe(true);
    await server.stop();
    const copy = join(folder(), file);
    copyFileSync(join(small.outside, file), copy);
    expect(await faultsOf(copy)).toEqual([]);
    const db = new Database(copy, { readonly: true });
    const kept = db.prepare("select count(*) from drafts where form like 'trial:1:%'").pluck().get();
    db.close();
    expect(kept).toBe(acknowledged + 1);
  });

  it("a disk that is read-only is said when Stenz is started", { timeout: 120_000 }, async () => {
    expect(await ensureBuilt()).toBe(true);
    const small = await ownDisk();
    const dataFile = join(small.folder, "locked.sqlite");
    await (await startSoaked(dataFile, true, small.under)).stop();
    small.readOnly();
    await expect(startSoaked(dataFile, false, small.under)).rejects.toThrow(
      "UnwritableDataFileError: The data file cannot be written: it lies on a disk that is read-only",
    );
  });
});
