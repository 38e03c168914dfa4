import { mkdirSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { keptWorkshop } from "../../testing/keptWorkshop.ts";

const PAGE = "/settings/backups";
const RULE = { intent: "rule", days: "5", weeks: "3", months: "6", second: "", version: "0" };

describe("a backup by hand", () => {
  it("is taken, and stands in the list", async () => {
    const { keeper, ask } = await keptWorkshop();
    expect((await ask(PAGE, { intent: "now" })).headers.get("Location")).toBe(PAGE);
    const names = readdirSync(keeper.folder);
    expect(names).toEqual([expect.stringMatching(/^stenz-.*\.sqlite$/)]);
    expect(await (await ask(`${PAGE}.data`)).text()).toContain(names[0]);
  });
});

describe("how backups are taken", () => {
  it("is kept, with a second folder and sealed", async () => {
    const { keeper, access, ask } = await keptWorkshop();
    await access.sharing.setPassphrase("three plain words");
    const second = join(keeper.folder, "../../stick");
    mkdirSync(second);
    const sent = { ...RULE, second, sealed: "yes", passphrase: "three plain words" };
    expect((await ask(PAGE, sent)).headers.get("Location")).toBe(PAGE);
    expect(await access.backupRule.find()).toMatchObject({ days: 5, weeks: 3, months: 6, second, fault: null });
    await keeper.backUp();
    expect(readdirSync(second)).toEqual([expect.stringMatching(/\.sqlite\.sealed$/)]);
    expect(await (await ask(`${PAGE}.data`)).text()).not.toContain("locked");
  });

  it.each([
    [{ days: "0" }, 400, "Expected"],
    [{ months: "some" }, 400, "Expected"],
    [{ second: "/nowhere/at/all" }, 400, "Expected a folder that is there"],
    [{ second: "stick" }, 400, "Expected a folder that is there"],
    [{ sealed: "yes", passphrase: "three plain words" }, 400, "Expected a passphrase to be set first"],
    [{ version: "9" }, 409, ""],
  ] as const)("%j is refused and changes nothing", async (own, status, words) => {
    const { access, ask } = await keptWorkshop();
    const response = await ask(`${PAGE}.data`, { ...RULE, ...own });
    expect(response.status).toBe(status);
    expect(await response.text()).toContain(words);
    expect(await access.backupRule.find()).toMatchObject({ days: 7, second: null, seal: null, version: 0 });
  });
});
