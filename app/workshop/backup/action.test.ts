import { readdirSync } from "node:fs";
import { dirname } from "node:path";
import { describe, expect, it } from "vitest";
import { newSealKey } from "../../../data/backup/index.ts";
import { addWearer } from "../../../data/testing/index.ts";
import { keptWorkshop } from "../../testing/keptWorkshop.ts";

/** A workshop with a backup, and a wearer who came after it. */
async function backedUp(passphrase?: string) {
  const made = await keptWorkshop();
  const { version, ...rule } = await made.access.backupRule.find();
  if (passphrase) await made.access.backupRule.save({ ...rule, seal: newSealKey(passphrase), version });
  const taken = await made.keeper.backUp();
  if (!taken.ok) throw new Error(taken.problem.message);
  await addWearer(await made.held.ready(), "Came later");
  const wearers = async () => (await (await made.held.ready()).wearers.list({ search: "Came later", page: 1 })).total;
  return { ...made, wearers, page: `/settings/backups/${taken.value.file.name}` };
}

describe("a backup", () => {
  it("is shown beside what there is now, and restored with a word for it", async () => {
    const { page, ask, wearers, keeper } = await backedUp();
    expect(await (await ask(`${page}.data`)).text()).toMatch(/holding.*counts/s);
    const refused = await ask(`${page}.data`, { intent: "restore" });
    expect([refused.status, await refused.text()]).toEqual([400, expect.stringContaining("Expected your word")]);
    expect(await wearers()).toBe(1);
    const done = await ask(page, { intent: "restore", sure: "yes" });
    const aside = new URL(done.headers.get("Location") ?? "", "http://x").searchParams.get("aside") ?? "";
    expect(await wearers()).toBe(0);
    expect(readdirSync(dirname(keeper.dataFile))).toContain(aside);
    // What is open now is the restored file: it is written to as the other was.
    expect((await ask("/wearers/new", { name: "", version: "0" })).status).toBe(400);
    expect((await ask("/wearers")).status).toBe(200);
  });

  it("that is sealed is looked into and restored by its passphrase alone", async () => {
    const { page, ask, wearers } = await backedUp("three plain words");
    for (const passphrase of ["", "not these words"])
      expect((await ask(`${page}.data`, { intent: "look", passphrase })).status).toBe(400);
    const looked = await (await ask(`${page}.data`, { intent: "look", passphrase: "three plain words" })).text();
    expect(looked).toContain("foresight");
    // What there is now is told beside it: the wearer who came later is among them.
    expect(looked).toMatch(/"now"/);
    expect(looked).not.toContain("three plain words");
    expect((await ask(`${page}.data`, { intent: "restore", sure: "yes", passphrase: "wrong words here" })).status).toBe(
      400,
    );
    expect(await wearers()).toBe(1);
    await ask(page, { intent: "restore", sure: "yes", passphrase: "three plain words" });
    expect(await wearers()).toBe(0);
  });

  it.each(["stenz-2020-01-01-000000.sqlite", "..%2Fstenz.sqlite", "stenz.sqlite", "..%5Cstenz.sqlite"])(
    "%s is none",
    async (name) => {
      const { ask, wearers } = await backedUp();
      expect((await ask(`/settings/backups/${name}`)).status).toBe(404);
      expect((await ask(`/settings/backups/${name}`, { intent: "restore", sure: "yes" })).status).toBe(404);
      expect(await wearers()).toBe(1);
    },
  );
});
