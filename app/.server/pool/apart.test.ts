import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { demoFile, temporaryFolder } from "../../../data/testing/index.ts";
import { inProcess } from "./apart.ts";

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

  it("that takes too long is ended and told, and the next is done", async () => {
    const file = await demoFile();
    // Sooner than any process answers.
    expect(await inProcess("lookIntoBackup", { file }, { withinMs: 1 })).toMatchObject({
      ok: false,
      problem: { code: "took-too-long" },
    });
    expect(await inProcess("lookIntoBackup", { file })).toMatchObject({ ok: true });
  });

  it("is ended where nobody waits for it any more, and not begun where nobody did", async () => {
    const file = await demoFile();
    const asked = inProcess("lookIntoBackup", { file }, { signal: AbortSignal.timeout(1) });
    const after = inProcess("lookIntoBackup", { file }, { signal: AbortSignal.abort() });
    await expect(asked).rejects.toThrow(/timeout|abort/i);
    await expect(after).rejects.toThrow(/abort/i);
  });
});
