import { mkdirSync, renameSync, rmSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import Database from "better-sqlite3";
import { describe, expect, it, vi } from "vitest";
import { accessFileOf, openAccess } from "./access/index.ts";
import { DataFileMissingError } from "./db/index.ts";
import { openStore } from "./store.ts";
import { temporaryFolder, temporaryStore } from "./testing/index.ts";

describe("lists", () => {
  it("find a part of a name, take wildcards literally and turn pages", async () => {
    const { store } = await temporaryStore();
    for (let index = 1; index <= 51; index += 1) {
      await store.wearers.add({
        name: `Wearer ${String(index).padStart(2, "0")}${index === 7 ? " 100%" : ""}`,
        kind: "person",
        child: false,
        allergies: "",
        notes: "",
      });
    }
    const first = await store.wearers.list({ search: "wearer", page: 1 });
    expect([first.total, first.pageCount, first.rows.length]).toEqual([51, 2, 50]);
    expect((await store.wearers.list({ search: "", page: 99 })).rows.map(({ name }) => name)).toEqual(["Wearer 51"]);
    expect((await store.wearers.list({ search: "0%", page: 1 })).rows.map(({ name }) => name)).toEqual([
      "Wearer 07 100%",
    ]);
  });
});

describe("drafts", () => {
  it("are kept by form, replaced and dropped", async () => {
    const { store } = await temporaryStore();
    await store.drafts.put("sheet:1", { "waist.single": "7" }, "2026-11-24T10:00:00Z");
    await store.drafts.put("sheet:1", { "waist.single": "74.2" }, "2026-11-24T10:00:01Z");
    expect(await store.drafts.findAll(["sheet:1", "sheet:2"])).toEqual({ "sheet:1": { "waist.single": "74.2" } });
    await store.drafts.drop("sheet:1");
    expect(await store.drafts.find("sheet:1")).toBeNull();
  });
});

describe("the file itself", () => {
  it("and its folder are their owner's only, those of an earlier version too", async () => {
    const folder = join(temporaryFolder(), "var");
    mkdirSync(folder, { mode: 0o755 });
    const file = join(folder, "stenz.sqlite");
    writeFileSync(file, "", { mode: 0o644 });
    const store = await openStore(file);
    await store.wearers.add({ name: "Ilva", kind: "person", child: false, allergies: "", notes: "" });
    const mode = (path: string) => statSync(path).mode & 0o777;
    expect([mode(folder), mode(file)]).toEqual([0o700, 0o600]);
    await store.close();
  });

  it("in a folder with its own backups, logs and certificate closes that folder too", async () => {
    const folder = join(temporaryFolder(), "var");
    for (const name of ["backups", "logs", "tls"]) mkdirSync(join(folder, name), { recursive: true });
    await (await openStore(join(folder, "stenz.sqlite"))).close();
    expect(statSync(folder).mode & 0o777).toBe(0o700);
  });

  it("may be read along where it is replicated; who is let in is held alone all the same", async () => {
    vi.stubEnv("STENZ_REPLICATED", "1");
    const file = join(temporaryFolder(), "stenz.sqlite");
    const [store, access] = [await openStore(file), await openAccess(accessFileOf(file))];
    await store.wearers.add({ name: "Ilva", kind: "person", child: false, allergies: "", notes: "" });
    const reader = new Database(file, { readonly: true });
    expect(reader.prepare("select name from wearers").pluck().all()).toEqual(["Ilva"]);
    reader.close();
    await expect(openAccess(accessFileOf(file))).rejects.toMatchObject({ code: "data-file-in-use" });
    await store.close();
    await access.close();
    vi.unstubAllEnvs();
  });

  it("in a folder with other things leaves that folder as it is", async () => {
    const folder = join(temporaryFolder(), "shared");
    mkdirSync(folder, { mode: 0o755 });
    writeFileSync(join(folder, "letter.txt"), "");
    await (await openStore(join(folder, "stenz.sqlite"))).close();
    expect(statSync(folder).mode & 0o777).toBe(0o755);
    expect(statSync(join(folder, "stenz.sqlite")).mode & 0o777).toBe(0o600);
  });

  it("that was deleted or replaced is noticed before the next thing is called saved", async () => {
    const file = join(temporaryFolder(), "stenz.sqlite");
    const store = await openStore(file);
    const add = () =>
      store.inTransaction(({ wearers }) =>
        wearers.add({ name: "Ilva", kind: "person", child: false, allergies: "", notes: "" }),
      );
    await add();
    renameSync(file, `${file}.moved`);
    await expect(add()).rejects.toThrow(DataFileMissingError);
    writeFileSync(file, "another");
    await expect(add()).rejects.toThrow(DataFileMissingError);
    rmSync(file);
    renameSync(`${file}.moved`, file);
    await add();
    expect((await store.wearers.list({ search: "", page: 1 })).total).toBe(2);
    await store.close();
  });

  it("keeps nothing of an action whose answer is a refusal", async () => {
    const { store } = await temporaryStore();
    const refusals = [
      { ok: false },
      { saved: false, theirs: null },
      { init: { status: 409 } },
      new Response("", { status: 400 }),
    ];
    for (const refusal of refusals) {
      const answer = await store.inTransaction(async ({ drafts }) => {
        await drafts.put("sheet:1", { waist: "74" }, "2026-11-25T10:00:00Z");
        return refusal;
      });
      expect(answer).toBe(refusal);
      expect(await store.drafts.find("sheet:1")).toBeNull();
    }
    const redirect = new Response(null, { status: 302, headers: { Location: "/" } });
    await store.inTransaction(async ({ drafts }) => {
      await drafts.put("sheet:1", { waist: "74" }, "2026-11-25T10:00:00Z");
      return redirect;
    });
    expect(await store.drafts.find("sheet:1")).toEqual({ waist: "74" });
  });
});
