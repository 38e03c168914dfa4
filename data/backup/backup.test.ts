import {
  chmodSync,
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  statSync,
  writeFileSync,
} from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { openStore } from "../store.ts";
import { addWearer, temporaryFolder } from "../testing/index.ts";
import { backupName, lookInto, takenAtOf } from "./backupFile.ts";
import { backupFolderOf, backupsIn, USUAL_RULE } from "./backups.ts";
import { keptOf } from "./kept.ts";
import { dropReadied, putReadied, readyBackup, sweepReadied } from "./restore.ts";
import { newSealKey, seal, unseal } from "./seal.ts";

const NOON = new Date("2026-11-27T12:00:00Z");
const daysBefore = (days: number) => new Date(NOON.getTime() - days * 24 * 3_600_000);
const codeOf = (result: { ok: boolean; problem?: { code: string } }) => (result.ok ? null : result.problem?.code);

/** A data file with one wearer, and the folder of its backups. */
async function workshop() {
  const folder = temporaryFolder();
  const dataFile = join(folder, "stenz.sqlite");
  const store = await openStore(dataFile);
  const wearerId = await addWearer(store);
  return { folder, dataFile, store, wearerId, backups: backupFolderOf(dataFile) };
}

describe("a backup", () => {
  it("is named by when it was taken", () => {
    expect(backupName(NOON)).toBe("stenz-2026-11-27-120000.sqlite");
    expect(takenAtOf("stenz-2026-11-27-120000.sqlite.sealed")).toBe("2026-11-27T12:00:00.000Z");
    expect(takenAtOf("stenz-2026-11-27-120000.sqlite.part")).toBeNull();
  });

  it("is taken while the file is written to, holds what was acknowledged, and is its owner's alone", async () => {
    const { store, backups } = await workshop();
    const writing = Array.from({ length: 20 }, () => addWearer(store));
    const taken = await store.backup(backups, USUAL_RULE, NOON);
    await Promise.all(writing);
    expect(taken).toMatchObject({ ok: true, value: { file: { sealed: false }, secondFault: null } });
    const again = await store.backup(backups, USUAL_RULE, new Date(NOON.getTime() + 1000));
    expect(again).toMatchObject({ ok: true, value: { counts: { wearers: 21, jobs: 0 } } });
    const [file] = backupsIn(backups);
    expect(statSync(backups).mode & 0o777).toBe(0o700);
    expect(statSync(join(backups, file?.name ?? "")).mode & 0o777).toBe(0o600);
    expect(lookInto(join(backups, file?.name ?? ""))).toMatchObject({ ok: true, value: { counts: { wearers: 21 } } });
    await store.close();
  });

  it("that cannot be written says why, and leaves nothing half-done", async () => {
    const { store, folder } = await workshop();
    const shut = join(folder, "shut");
    writeFileSync(shut, "a file where a folder was expected");
    const taken = await store.backup(join(shut, "inside"), USUAL_RULE, NOON);
    expect(codeOf(taken)).toBe("backup-failed");
    expect(taken.ok ? "" : taken.problem.message).toMatch(/No backup could be taken in .*: it is not there\./);
    await store.close();
  });

  it("of an older form of the file is taken before that is brought up to date", async () => {
    const { dataFile, store, backups } = await workshop();
    await store.close();
    const { default: Database } = await import("better-sqlite3");
    const db = new Database(dataFile);
    db.exec("delete from knex_migrations where name like '0015%'; drop table measure_links");
    db.close();
    await (await openStore(dataFile)).close();
    expect(backupsIn(backups)).toHaveLength(1);
    expect(lookInto(join(backups, backupsIn(backups)[0]?.name ?? ""))).toMatchObject({
      ok: true,
      value: { format: 14 },
    });
  });
});

describe("what is kept", () => {
  it("is the last of each day for a week, of each week for a month, of each month for a year", () => {
    const all = Array.from({ length: 800 }, (_, at) => new Date(NOON.getTime() - at * 12 * 3_600_000).toISOString());
    const kept = [...keptOf(all, { days: 7, weeks: 4, months: 12 })].toSorted();
    expect(kept.at(-1)).toBe(NOON.toISOString());
    expect(kept.filter((at) => at > daysBefore(7).toISOString())).toHaveLength(7);
    expect(new Set(kept.map((at) => at.slice(0, 7))).size).toBe(12);
    expect(kept.length).toBeLessThanOrEqual(7 + 4 + 12);
  });

  it("is always the newest, whatever the rule", () =>
    expect([...keptOf(["2026-01-01T00:00:00.000Z"], { days: 0, weeks: 0, months: 0 })]).toHaveLength(1));

  it("goes from the folder when a newer one comes", async () => {
    const { store, backups } = await workshop();
    const rule = { ...USUAL_RULE, days: 2, weeks: 0, months: 0 };
    for (const days of [5, 4, 3]) expect((await store.backup(backups, rule, daysBefore(days))).ok).toBe(true);
    expect(backupsIn(backups).map(({ takenAt }) => takenAt)).toEqual(
      [3, 4].map((days) => daysBefore(days).toISOString()),
    );
    await store.close();
  });
});

describe("a second folder", () => {
  it("is made to hold the same; one that is gone is said, and the backup stands", async () => {
    const { store, folder, backups } = await workshop();
    const second = join(folder, "stick");
    mkdirSync(second);
    writeFileSync(join(second, "letter.txt"), "somebody's own");
    const rule = { ...USUAL_RULE, second, days: 1, weeks: 0, months: 0 };
    await store.backup(backups, rule, daysBefore(1));
    await store.backup(backups, rule, NOON);
    expect(backupsIn(second)).toEqual(backupsIn(backups));
    expect(existsSync(join(second, "letter.txt"))).toBe(true);
    const gone = await store.backup(
      backups,
      { ...rule, second: join(folder, "pulled") },
      new Date(NOON.getTime() + 5000),
    );
    expect(gone).toMatchObject({ ok: true, value: { secondFault: expect.stringMatching(/pulled: it is not there/) } });
    expect(existsSync(join(folder, "pulled"))).toBe(false);
    await store.close();
  });
});

describe("a sealed backup", () => {
  it("is opened by its passphrase alone, and not when a bit of it was turned", async () => {
    const folder = temporaryFolder();
    const [plain, shut, back] = ["plain", "shut", "back"].map((name) => join(folder, name)) as [string, string, string];
    writeFileSync(plain, "what was measured ".repeat(5000));
    await seal(plain, shut, newSealKey("three plain words"));
    expect(readFileSync(shut).includes("measured")).toBe(false);
    expect(codeOf(await unseal(shut, back, "another three words"))).toBe("sealed-wrong-passphrase");
    expect((await unseal(shut, back, " three plain words")).ok).toBe(true);
    expect(readFileSync(back, "utf8")).toBe(readFileSync(plain, "utf8"));
    const bytes = readFileSync(shut);
    bytes[bytes.length - 100] = (bytes[bytes.length - 100] ?? 0) ^ 1;
    writeFileSync(shut, bytes);
    expect(codeOf(await unseal(shut, back, "three plain words"))).toBe("sealed-damaged");
    writeFileSync(shut, bytes.subarray(0, 40));
    expect(codeOf(await unseal(shut, back, "three plain words"))).toBe("sealed-damaged");
  });
});

describe("restoring", () => {
  async function withBackup(own: Partial<typeof USUAL_RULE> = {}) {
    const made = await workshop();
    const taken = await made.store.backup(made.backups, { ...USUAL_RULE, ...own }, NOON);
    if (!taken.ok) throw new Error(taken.problem.message);
    await addWearer(made.store);
    await made.store.close();
    return { ...made, backup: join(made.backups, taken.value.file.name) };
  }

  it("tells what would change, then puts the backup in place and keeps the present file aside", async () => {
    const { dataFile, backup } = await withBackup();
    const readied = await readyBackup({ dataFile, backup });
    if (!readied.ok) throw new Error(readied.problem.message);
    expect(readied.value).toMatchObject({ holding: { counts: { wearers: 1 } }, now: { counts: { wearers: 2 } } });
    expect(lookInto(dataFile)).toMatchObject({ value: { counts: { wearers: 2 } } });
    const aside = putReadied(dataFile, readied.value.file, NOON);
    expect(lookInto(dataFile)).toMatchObject({ value: { counts: { wearers: 1 } } });
    expect(lookInto(aside ?? "")).toMatchObject({ value: { counts: { wearers: 2 } } });
    expect(existsSync(readied.value.file)).toBe(false);
    await (await openStore(dataFile)).close();
  });

  it("keeps aside what two of them in one second put away", async () => {
    const { dataFile, backup } = await withBackup();
    const put = async () => {
      const readied = await readyBackup({ dataFile, backup });
      return readied.ok ? (putReadied(dataFile, readied.value.file, NOON) ?? "") : "";
    };
    const [first, second] = [await put(), await put()];
    expect(second).not.toBe(first);
    expect(lookInto(first)).toMatchObject({ value: { counts: { wearers: 2 } } });
    expect(lookInto(second)).toMatchObject({ value: { counts: { wearers: 1 } } });
  });

  it("of a sealed one asks for its passphrase", async () => {
    const { dataFile, backup } = await withBackup({ seal: newSealKey("three plain words") });
    expect(backup).toMatch(/\.sealed$/);
    expect(codeOf(await readyBackup({ dataFile, backup }))).toBe("sealed-wrong-passphrase");
    expect(codeOf(await readyBackup({ dataFile, backup, passphrase: "not these words" }))).toBe(
      "sealed-wrong-passphrase",
    );
    const readied = await readyBackup({ dataFile, backup, passphrase: "three plain words" });
    if (!readied.ok) throw new Error(readied.problem.message);
    dropReadied(readied.value.file);
    expect(existsSync(readied.value.file)).toBe(false);
  });

  it("is made ready for one while another is dropped or put in place, and swept away where neither came", async () => {
    const { dataFile, backup } = await withBackup();
    const readied = await Promise.all([1, 2, 3].map(() => readyBackup({ dataFile, backup })));
    const [first = "", second = "", third = ""] = readied.map((one) => (one.ok ? one.value.file : ""));
    dropReadied(first);
    expect(putReadied(dataFile, second, NOON)).not.toBeNull();
    expect([first, second, third].map(existsSync)).toEqual([false, false, true]);
    expect(lookInto(third)).toMatchObject({ value: { counts: { wearers: 1 } } });
    sweepReadied(dataFile);
    expect(existsSync(third)).toBe(false);
    expect(lookInto(dataFile)).toMatchObject({ value: { counts: { wearers: 1 } } });
  });

  it("refuses what is cut short, changed, newer, no data file or not there, and leaves the present one", async () => {
    const { dataFile, backup, folder } = await withBackup();
    const whole = readFileSync(backup);
    const other = join(folder, "other.sqlite");
    const tried = async (bytes: Uint8Array) => {
      writeFileSync(other, bytes);
      return codeOf(await readyBackup({ dataFile, backup: other }));
    };
    expect(await tried(whole.subarray(0, whole.length / 2))).toBe("backup-damaged");
    expect(await tried(whole.subarray(0, 100))).toBe("backup-damaged");
    const turned = Buffer.from(whole);
    for (let at = 4096; at < turned.length; at += 4096) turned[at] = (turned[at] ?? 0) ^ 0x55;
    expect(await tried(turned)).toBe("backup-damaged");
    expect(await tried(Buffer.from("no data file at all"))).toBe("backup-damaged");
    expect(readdirSync(folder)).not.toContain(".stenz-restore");
    const shut = await readyBackup({ dataFile: join(backup, "stenz.sqlite"), backup });
    expect(shut.ok ? "" : shut.problem.message).toMatch(/could not be made ready: .*not there/);
    expect(codeOf(await readyBackup({ dataFile, backup: join(folder, "none") }))).toBe("backup-missing");
    copyFileSync(backup, other);
    chmodSync(other, 0o600);
    const { default: Database } = await import("better-sqlite3");
    const db = new Database(other);
    db.exec("insert into knex_migrations (name, batch, migration_time) values ('0999_later', 9, 0)");
    db.close();
    expect(codeOf(await readyBackup({ dataFile, backup: other }))).toBe("newer-data-file");
    expect(lookInto(dataFile)).toMatchObject({ ok: true, value: { counts: { wearers: 2 } } });
  });
});

describe("an erased wearer", () => {
  it("is erased from backups too; a sealed one is dropped", async () => {
    const { store, backups, wearerId } = await workshop();
    await addWearer(store);
    await store.backup(backups, USUAL_RULE, daysBefore(2));
    await store.backup(backups, { ...USUAL_RULE, seal: newSealKey("three plain words") }, daysBefore(1));
    const { name = "" } = (await store.wearers.find(wearerId)) ?? {};
    const open = join(backups, backupName(daysBefore(2)));
    expect(readFileSync(open).includes(name)).toBe(true);
    expect(await store.forgetInBackups(backups, USUAL_RULE)).toBeNull();
    await store.eraseWearer(wearerId);
    expect(await store.forgetInBackups(backups, USUAL_RULE)).toEqual({
      rewritten: 1,
      dropped: [`${backupName(daysBefore(1))}.sealed`],
    });
    expect(lookInto(open)).toMatchObject({ ok: true, value: { counts: { wearers: 1 } } });
    expect(await store.forgetInBackups(backups, USUAL_RULE)).toBeNull();
    await store.close();
  });
});
