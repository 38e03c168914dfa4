import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it, onTestFinished } from "vitest";
import { assertFree, faultsOf, isHeld } from "./dataFile.mjs";

const OPTIONS = join(import.meta.dirname, "options.mjs");

/** What the commands read of a command line and an environment: its options, or what it ended with. */
function read(args: readonly string[], env: Readonly<Record<string, string>> = {}) {
  const code = `import(${JSON.stringify(OPTIONS)}).then(({ readOptions }) => console.log(JSON.stringify(readOptions())))`;
  // With -e the arguments begin right behind the program: a name stands where a file's would.
  const own = Object.fromEntries(Object.entries(process.env).filter(([name]) => !name.startsWith("STENZ_")));
  const run = spawnSync(process.execPath, ["-e", code, "--", ...args], { encoding: "utf8", env: { ...own, ...env } });
  return { status: run.status, out: run.stdout, err: run.stderr, options: () => JSON.parse(run.stdout) };
}

describe("options of the commands", () => {
  it("without any: this machine only, the usual port and some spare ones, data beside the program", () => {
    expect(read([]).options()).toMatchObject({
      host: "127.0.0.1",
      port: 4173,
      spare: 20,
      names: [],
      dataFolder: expect.stringMatching(/var$/),
    });
  });

  it("from the environment, where the command line does not say", () => {
    const env = {
      STENZ_PORT: "4300",
      STENZ_HOST: "0.0.0.0",
      STENZ_NAMES: "bench.local, tablet ,",
      STENZ_DATA: "/tmp/own",
    };
    expect(read([], env).options()).toEqual({
      host: "0.0.0.0",
      port: 4300,
      spare: 0,
      sharePort: null,
      names: ["bench.local", "tablet"],
      dataFolder: "/tmp/own",
    });
  });
});

describe("a data file before it is touched", () => {
  const file = () => {
    const folder = mkdtempSync(join(tmpdir(), "stenz-file-"));
    onTestFinished(() => rmSync(folder, { recursive: true, force: true }));
    return join(folder, "stenz.sqlite");
  };

  it("that is not there is free", async () => {
    await expect(assertFree(file())).resolves.toBeUndefined();
  });

  it("that is no database any more is free to be made anew", async () => {
    const broken = file();
    writeFileSync(broken, "no database at all, but long enough to be looked at as one".repeat(20));
    await expect(assertFree(broken)).resolves.toBeUndefined();
  });

  it("has its faults told: none of a whole one, references that lead nowhere by their row", async () => {
    const Database = createRequire(import.meta.url)("better-sqlite3");
    const whole = file();
    const db = new Database(whole);
    db.exec("create table a (id integer primary key); create table b (id integer primary key, a references a (id))");
    expect(await faultsOf(whole)).toEqual([]);
    db.pragma("foreign_keys = off");
    db.exec("insert into b values (3, 99)");
    db.close();
    expect(await faultsOf(whole)).toEqual(["b 3 refers to something of a that is not there"]);
  });

  it("is held where SQLite says so, and not for any other fault", () => {
    expect(isHeld({ code: "SQLITE_BUSY" })).toBe(true);
    expect(isHeld({ code: "SQLITE_LOCKED_SHAREDCACHE" })).toBe(true);
    expect(isHeld({ code: "SQLITE_CORRUPT" })).toBe(false);
    expect(isHeld(undefined)).toBe(false);
  });
});
