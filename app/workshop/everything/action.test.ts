import { readdirSync } from "node:fs";
import { join } from "node:path";
import { buffer } from "node:stream/consumers";
import { describe, expect, it } from "vitest";
import { ZipFile } from "yazl";
import { ok } from "../../../core/result.ts";
import { lookInto } from "../../../data/backup/index.ts";
import { openDatabase } from "../../../data/db/index.ts";
import { contentOf } from "../../../data/testing/index.ts";
import { readZip } from "../../../formats/zip/readZip.ts";
import { keptWorkshop } from "../../testing/keptWorkshop.ts";

const zipOf = async (files: Readonly<Record<string, string>>): Promise<Buffer> => {
  const zip = new ZipFile();
  for (const [name, content] of Object.entries(files)) zip.addBuffer(Buffer.from(content), name);
  zip.end();
  return buffer(zip.outputStream as NodeJS.ReadableStream);
};

/** The bytes of a photo, another for each cloth. */
const photoOf = (cloth: number): Buffer => Buffer.alloc(3000, `photo ${cloth} `);

/** A workshop with what goes out of it, and a way to send a ZIP in. */
async function outOf() {
  const made = await keptWorkshop();
  for (const cloth of [2, 4])
    await (await made.held.ready()).cloths.keepPhoto(cloth, { type: "image/png", bytes: photoOf(cloth) });
  const out = Buffer.from(await (await made.ask("/settings/everything")).arrayBuffer());
  const entries = new Map<string, Buffer>();
  await readZip(out, ({ name, content }) => {
    entries.set(name, content);
    return ok(null);
  });
  const send = (zip: Buffer) => made.send("/settings/everything", new File([new Uint8Array(zip)], "all.zip"));
  return { ...made, out, entries, send };
}

/** Everything a data file holds, as one text. */
async function allIn(file: string): Promise<string> {
  const db = await openDatabase(file);
  const content = await contentOf(db);
  await db.destroy();
  // Not what the file keeps for itself: when it was brought up to date, and how its index of words lies.
  return content
    .split("\n")
    .filter((line) => !/^(?:knex_|finding_words)/.test(line))
    .join("\n");
}

describe("everything of a workshop", () => {
  it("goes out in open formats, and comes in again as it was, row by row", async () => {
    const { keeper, held, out, entries, send } = await outOf();
    const names = [...entries.keys()];
    for (const needed of ["README.txt", "manifest.json", "tables/jobs.json", "tables/sheet_values.json"])
      expect(names).toContain(needed);
    // Each table for a table program too: as many rows, and its columns above them.
    const jobs = JSON.parse(String(entries.get("tables/jobs.json"))) as { columns: string[]; rows: unknown[] };
    const csv = String(entries.get("tables/jobs.csv")).trimEnd().split("\r\n");
    expect(csv[0]).toBe(jobs.columns.join(","));
    expect(csv.length).toBeGreaterThanOrEqual(jobs.rows.length + 1);
    expect(names.filter((name) => /^jobs\/.*\.json$/.test(name))).toHaveLength(12);
    expect(names.filter((name) => /^jobs\/.*\.pdf$/.test(name))).toHaveLength(12);
    expect(JSON.parse(String(entries.get(names.find((name) => /^wearers\//.test(name)) ?? "")))).toMatchObject({
      format: "stenz.wearer",
    });
    // Photos lie beside their table, under the place of their row.
    expect(entries.get("files/cloth_photos-2-bytes.png")).toEqual(photoOf(4));
    const answer = await send(out);
    const name = /stenz-[\d-]+\.sqlite/.exec(answer.headers.get("Location") ?? "")?.[0] ?? "";
    const read = join(keeper.folder, name);
    expect(lookInto(read)).toMatchObject({ ok: true, value: { counts: { jobs: 12 } } });
    await (await held.ready()).close();
    const [was, is] = [await allIn(keeper.dataFile), await allIn(read)];
    // Not shown where they differ: it is everything.
    expect(is === was).toBe(true);
    expect(is.length).toBeGreaterThan(100_000);
  });

  it.each([
    ["of something else", { "letter.txt": "Dear" }, "no manifest.json"],
    ["of a newer form", { "manifest.json": manifest("0999_later") }, "of this version of Stenz or an older one"],
    ["that is no manifest", { "manifest.json": '{"format":"stenz.job"}' }, "Expected everything of a workshop"],
    [
      "with a table there is none of",
      { "manifest.json": manifest(), "tables/spies.json": table("spies", ["id"], [[1]]) },
      "the table spies",
    ],
    [
      "with a column there is none of",
      { "manifest.json": manifest(), "tables/jobs.json": table("jobs", ["sql"], [[1]]) },
      "the column sql",
    ],
    [
      "with rows that do not fit",
      { "manifest.json": manifest(), "tables/jobs.json": table("jobs", ["id"], [["x"]]) },
      "some do not fit",
    ],
    [
      "whose photo is missing",
      {
        "manifest.json": manifest(),
        "tables/cloth_photos.json": table("cloth_photos", ["cloth_id"], [[{ file: "files/none" }]]),
      },
      "a file that cloth_photos names",
    ],
    ["whose JSON is broken", { "manifest.json": manifest(), "tables/jobs.json": "{" }, "tables/jobs.json"],
  ])("a ZIP %s is refused with the reason, and leaves nothing", async (_what, files, words) => {
    const made = await keptWorkshop();
    const answer = await made.send(
      "/settings/everything.data",
      new File([new Uint8Array(await zipOf(files))], "all.zip"),
    );
    expect(answer.status).toBe(400);
    expect(await answer.text()).toContain(words);
    expect(readdirSync(join(made.keeper.folder, "../..")).filter((name) => /backups/.test(name))).toEqual([]);
  });

  it("without a file is asked for one", async () => {
    const { send } = await keptWorkshop();
    expect((await send("/settings/everything.data", new File([], ""))).status).toBe(400);
  });
});

function manifest(migration = "0015_measure_links"): string {
  return JSON.stringify({ format: "stenz.everything", version: 1, migration, madeAt: "2026-11-27T12:00:00Z" });
}

function table(name: string, columns: readonly string[], rows: unknown[][]): string {
  return JSON.stringify({ table: name, columns, rows });
}
