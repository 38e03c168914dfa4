import type { Knex } from "knex";
import { beforeEach, describe, expect, it } from "vitest";
import { openDatabase } from "../db/index.ts";
import { JOURNALED, journaledColumns, renewJournal } from "./journaled.ts";

let db: Knex;
beforeEach(async () => {
  db = await openDatabase(":memory:");
  return () => db.destroy();
});

const triggersOf = (table: string): Promise<string[]> =>
  db("sqlite_master").where({ type: "trigger", tbl_name: table }).whereLike("name", `${table}_%`).pluck("sql");

describe("the journal", () => {
  it.each(Object.keys(JOURNALED))("writes down every column of %s but those left out with a reason", async (table) => {
    const written = (await triggersOf(table)).filter((sql) => /_(written|edited|taken_off) after/.test(sql));
    expect(written).toHaveLength(3);
    for (const column of await journaledColumns(db, table)) {
      for (const sql of written)
        expect(sql, `${table}.${column}`).toMatch(new RegExp(`'${column}', (new|old)\\.${column}\\b`));
    }
  });

  it("covers every table that belongs to a job's record", async () => {
    const tables: string[] = await db("sqlite_master").where({ type: "table" }).pluck("name");
    const ofJob = /^(job_workings|prototypes|sewn_|annotations|fitting|readings|findings$|changes$|judgements)/;
    // What came through the queue is a receipt, no record.
    for (const table of tables.filter((name) => ofJob.test(name))) expect(Object.keys(JOURNALED)).toContain(table);
  });

  it("is as the tables are at every start, and made anew where a column was added", async () => {
    expect(await renewJournal(db)).toEqual([]);
    await db.raw("alter table annotations add column tone text");
    expect(await renewJournal(db)).toEqual(["annotations"]);
    expect((await triggersOf("annotations")).filter((sql) => sql.includes("'tone', new.tone"))).toHaveLength(2);
    expect(await renewJournal(db)).toEqual([]);
  });

  it("says when a column to leave out is there no more", async () => {
    await db.raw("drop trigger fittings_edited");
    await db.raw("alter table fittings rename column version to edition");
    await expect(journaledColumns(db, "fittings")).rejects.toThrow("fittings has no version");
  });
});
