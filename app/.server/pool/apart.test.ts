import { writeFileSync } from "node:fs";
import { join } from "node:path";
import Database from "better-sqlite3";
import { describe, expect, it } from "vitest";
import { demoFile, temporaryFolder } from "../../../data/testing/index.ts";
import { inProcess } from "./apart.ts";

/** A data file with a promise on its rows that takes hours to be looked through. */
async function endless(): Promise<string> {
  const file = await demoFile();
  const db = new Database(file);
  const long = Array(400).fill("length(hex(zeroblob(1000000 + n)))").join(" + ");
  db.pragma("ignore_check_constraints = on");
  db.exec(`create table slow (n integer check (${long} > n))`);
  const put = db.prepare("insert into slow (n) values (?)");
  db.transaction(() => {
    for (let n = 0; n < 5000; n += 1) put.run(n);
  })();
  db.close();
  return file;
}

describe("work in a process of its own", () => {
  it("answers what its task answers", async () => {
    expect(await inProcess("lookIntoBackup", { file: await demoFile() })).toMatchObject({ ok: true });
    const none = join(temporaryFolder(), "none.sqlite");
    writeFileSync(none, "no data file");
    expect(await inProcess("lookIntoBackup", { file: none })).toMatchObject({
      ok: false,
      problem: { code: "backup-damaged" },
    });
  });

  it("that SQLite does not come back from is ended and told, and the next is done", async () => {
    const file = await endless();
    expect(await inProcess("lookIntoBackup", { file }, { withinMs: 1500 })).toMatchObject({
      ok: false,
      problem: { code: "took-too-long" },
    });
    expect(await inProcess("lookIntoBackup", { file: await demoFile() })).toMatchObject({ ok: true });
  });

  it("is ended where nobody waits for it any more, and not begun where nobody did", async () => {
    const file = await endless();
    const asked = inProcess("lookIntoBackup", { file }, { signal: AbortSignal.timeout(500) });
    const after = inProcess("lookIntoBackup", { file }, { signal: AbortSignal.abort() });
    await expect(asked).rejects.toThrow(/timeout|abort/i);
    await expect(after).rejects.toThrow(/abort/i);
  });
});
