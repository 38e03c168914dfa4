import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, it, onTestFinished } from "vitest";
import { readyBackup, USUAL_RULE } from "../../../data/backup/index.ts";
import { openStore } from "../../../data/store.ts";
import { KEPT_UNDER, NOBODY } from "../../offline/keptPages.ts";
import { newcomer } from "../../testing/newcomer.ts";

const under = (response: Response) => response.headers.get(KEPT_UNDER);

it("keeps nothing for somebody who is not let in: not the page to sign in by, nor what was refused them", async () => {
  const { ask } = await newcomer();
  for (const path of ["/sign-in", "/jobs/1", "/without-network"]) expect(under(await ask(path))).toBe(NOBODY);
});

it("is another by who looks and by what they may see, and nobody's once they are sent away", async () => {
  const { access, ask, atMachine } = await newcomer();
  const atHome = under(await atMachine("/jobs/1"));
  const { code } = await access.pairing.start({ role: "whole", jobs: [] }, new Date());
  await ask("/sign-in", { intent: "code", code, name: "Tablet", to: "/" });
  const whole = under(await ask("/jobs/1"));
  expect(under(await ask("/jobs/2"))).toBe(whole);
  expect(under(await ask("/jobs/1.data"))).toBe(whole);
  const [device] = await access.devices.all();
  if (!device) throw new Error("The device was paired.");
  expect((await access.devices.change({ ...device, role: "look" })).saved).toBe(true);
  const look = under(await ask("/jobs/1"));
  expect(new Set([atHome, whole, look, NOBODY]).size).toBe(4);
  await access.devices.remove(device.id);
  expect(under(await ask("/jobs/1"))).toBe(NOBODY);
  expect(under(await ask("/jobs/1.data"))).toBe(NOBODY);
});

it("is another after an erasure, and after nothing else", async () => {
  const { store, atMachine } = await newcomer();
  const before = under(await atMachine("/jobs/2"));
  await atMachine("/preferences", { unit: "in", to: "/" });
  expect(under(await atMachine("/jobs/2"))).toBe(before);
  await store.eraseWearer(2);
  const after = under(await atMachine("/"));
  expect(after).not.toBe(before);
  await store.eraseWearer(3);
  expect(under(await atMachine("/"))).not.toBe(after);
});

it("is another once a backup is in the place of the file: its numbers may be other jobs'", async () => {
  const folder = mkdtempSync(join(tmpdir(), "stenz-kept-"));
  onTestFinished(() => rmSync(folder, { recursive: true, force: true }));
  const dataFile = join(folder, "stenz.sqlite");
  const store = await openStore(dataFile);
  const before = await store.keptPages();
  const taken = await store.backup(join(folder, "backups"), USUAL_RULE, new Date());
  await store.close();
  if (!taken.ok) throw new Error(taken.problem.message);
  const readied = await readyBackup({ dataFile, backup: join(folder, "backups", taken.value.file.name) });
  if (!readied.ok) throw new Error(readied.problem.message);
  const restored = await openStore(readied.value.file);
  onTestFinished(() => restored.close());
  expect(await restored.keptPages()).not.toBe(before);
});
