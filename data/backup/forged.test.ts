import { copyFileSync } from "node:fs";
import { join } from "node:path";
import Database from "better-sqlite3";
import { beforeEach, describe, expect, it } from "vitest";
import { openStore } from "../store.ts";
import { addWearer, demoFile, temporaryFolder } from "../testing/index.ts";
import { eraseFromBackups } from "./eraseFrom.ts";
import { lookInto, readyBackup } from "./index.ts";

/** What a stranger may have put into a data file, by what it would do here. */
const FORGED: Readonly<Record<string, { readonly sql: string; readonly named: string }>> = {
  "a trigger that changes settings while it is restored": {
    sql: "create trigger aa after insert on knex_migrations begin delete from settings; insert into settings (name, value) values ('workshopName', '\"forged\"'); end",
    named: "trigger aa",
  },
  "a trigger that deletes jobs with the next wearer": {
    sql: "create trigger bb after insert on wearers begin delete from jobs; end",
    named: "trigger bb",
  },
  "a trigger that keeps what is erased": {
    sql: "create trigger cc before delete on wearers begin select raise(ignore); end",
    named: "trigger cc",
  },
  "a view without end": {
    sql: "create view dd as with recursive n(i) as (select 1 union all select i + 1 from n) select i from n",
    named: "view dd",
  },
  "a table of its own": { sql: "create table ee (secret text)", named: "table ee" },
  "an index of words of its own": { sql: "create virtual table ff using fts5(words)", named: "virtual table ff" },
  "a column that is worked out": {
    sql: "alter table wearers add column gg text as (hex(zeroblob(100000))) virtual",
    named: "worked-out column gg of wearers",
  },
  "a column of its own": { sql: "alter table jobs add column hh text", named: "column hh of jobs" },
};

let backup: string;
let dataFile: string;
beforeEach(async () => {
  backup = await demoFile();
  dataFile = join(temporaryFolder(), "stenz.sqlite");
});

function forge(...statements: readonly string[]): void {
  const db = new Database(backup);
  for (const sql of statements) db.exec(sql);
  db.close();
}

const triggersOf = (file: string): string[] => {
  const db = new Database(file, { readonly: true });
  try {
    return db.prepare("select name from sqlite_master where type = 'trigger' order by name").pluck().all() as string[];
  } finally {
    db.close();
  }
};

/** A backup made ready. */
async function readied() {
  const made = await readyBackup({ dataFile, backup });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
}

describe("a backup with something in it that is not ours", () => {
  it("that has nothing of the kind is made ready whole, and nothing is left out", async () => {
    const { file, holding, leftOut } = await readied();
    expect(leftOut).toEqual([]);
    expect(lookInto(file)).toEqual({ ok: true, value: holding });
    expect(triggersOf(file)).toEqual(triggersOf(backup));
  });

  it.each(Object.entries(FORGED))("with %s is restored without it, and it is named", async (_what, { sql, named }) => {
    const { holding } = await readied();
    const triggers = triggersOf(backup);
    forge(sql);
    const made = await readied();
    expect(made.leftOut).toContain(named);
    expect(made.holding).toEqual(holding);
    expect(triggersOf(made.file)).toEqual(triggers);
    const store = await openStore(made.file);
    const before = await store.settings.find("workshopName");
    await addWearer(store);
    expect((await store.jobs.list({ search: "", page: 1 })).total).toBe(holding.counts.jobs);
    expect(before.value).not.toBe("forged");
    await store.close();
  });

  it("whose table is a view is not read there: what refers to it is refused", async () => {
    forge(
      "pragma foreign_keys = off",
      "alter table wearers rename to hidden",
      "create view wearers as with recursive n(i) as (select 1 union all select i + 1 from n) select i as id from n",
    );
    expect((await readyBackup({ dataFile, backup })).ok).toBe(false);
  });

  it("is erased from all the same, by what is ours", async () => {
    const folder = temporaryFolder();
    forge(FORGED["a trigger that keeps what is erased"]?.sql ?? "");
    const there = join(folder, "stenz-2026-11-27-140530.sqlite");
    copyFileSync(backup, there);
    const db = new Database(there);
    const [identity] = db.prepare("select identity from wearers order by id").pluck().all() as string[];
    db.close();
    const counted = () => {
      const looked = lookInto(there);
      return looked.ok ? looked.value.counts.wearers : null;
    };
    const before = counted() ?? 0;
    expect(await eraseFromBackups(folder, { wearers: [identity ?? ""], jobs: [] })).toMatchObject({ rewritten: 1 });
    expect(counted()).toBe(before - 1);
    expect(triggersOf(there)).not.toContain("cc");
  });
});
