import { spawnSync } from "node:child_process";
import { readdirSync } from "node:fs";
import { dirname, join } from "node:path";
import { expect, it } from "vitest";
import { openStore } from "../data/store.ts";
import { addWearer, demoFile } from "../data/testing/index.ts";

/** Runs one of the commands on the data folder of a test. */
function command(name: "backup" | "restore", dataFile: string, ...words: string[]) {
  const script = join(import.meta.dirname, `${name}.ts`);
  const run = spawnSync(process.execPath, ["--import", "tsx", script, "--data", dirname(dataFile), ...words], {
    encoding: "utf8",
    env: { ...process.env, INIT_CWD: dirname(dataFile) },
  });
  return { status: run.status, out: run.stdout, err: run.stderr };
}

it("a backup is taken, shown and restored by commands; what runs is left alone", async () => {
  const dataFile = await demoFile();
  const taken = command("backup", dataFile);
  expect(taken).toMatchObject({ status: 0, out: expect.stringMatching(/whole, with \d+ wearers/) });
  const folder = join(dirname(dataFile), "backups/stenz");
  const file = join(folder, readdirSync(folder)[0] ?? "");

  const store = await openStore(dataFile);
  await addWearer(store, "Came later");
  expect(command("backup", dataFile)).toMatchObject({ status: 1, err: expect.stringContaining("Stenz is running") });
  expect(command("restore", dataFile, file, "--yes").status).toBe(1);
  await store.close();

  expect(command("restore", dataFile, file)).toMatchObject({
    status: 0,
    out: expect.stringContaining("Nothing was changed."),
  });
  expect(command("restore", dataFile, file, "--yes")).toMatchObject({
    status: 0,
    out: expect.stringContaining("is kept as"),
  });
  const restored = await openStore(dataFile);
  expect((await restored.wearers.list({ search: "Came later", page: 1 })).total).toBe(0);
  await restored.close();
  expect(command("restore", dataFile, "none.sqlite")).toMatchObject({
    status: 1,
    err: expect.stringContaining("no such file"),
  });
  expect(command("restore", dataFile)).toMatchObject({ status: 2 });
}, 240_000);
