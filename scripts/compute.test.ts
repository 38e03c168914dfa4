import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { answerOf } from "./commandLine.ts";
import { computeCommand } from "./computeCommand.ts";

const folder = mkdtempSync(join(tmpdir(), "stenz-compute-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

async function compute(content: string) {
  const file = join(folder, "cases.json");
  writeFileSync(file, content);
  const { status, out, err } = await answerOf(computeCommand, [file]);
  return { status, answers: status === 2 ? null : JSON.parse(out), stderr: err };
}

describe("the scripting interface's command", () => {
  it("answers in order and ends with 0 when every case was computed", async () => {
    const { status, answers } = await compute(
      '[{"kind":"parse","input":{"text":"92","unit":"cm"}},{"kind":"parse","input":{"text":"x","unit":"cm"}}]',
    );
    expect(status).toBe(0);
    expect(answers).toMatchObject([{ output: { mm: 920 } }, { output: { error: true } }]);
  });

  it("ends with 1 when any case was an error", async () => {
    const { status, answers } = await compute('{"kind":"sleeve","input":{}}');
    expect(status).toBe(1);
    expect(answers).toMatchObject([{ kind: "sleeve", error: { code: "unsupported" } }]);
  });

  it("reads standard input, as a process of its own", () => {
    const input = '{"kind":"parse","input":{"text":"1/2","unit":"in"}}';
    const words = ["scripts/command.mjs", "compute", "-"];
    const { status, stdout } = spawnSync(process.execPath, words, { encoding: "utf8", input });
    expect([status, JSON.parse(stdout)]).toMatchObject([0, [{ output: { mm: 12.7 } }]]);
  });

  it("ends with 2 and says why where there is no JSON", async () => {
    const { status, stderr } = await compute("{half");
    expect(status).toBe(2);
    expect(stderr).toMatch(/^Expected .*cases\.json to be JSON/);
  });
});
