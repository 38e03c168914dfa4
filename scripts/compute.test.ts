import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";

const folder = mkdtempSync(join(tmpdir(), "stenz-compute-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function compute(content: string, asInput = false) {
  const file = join(folder, "cases.json");
  writeFileSync(file, content);
  const args = ["--import", "tsx", "scripts/compute.ts", asInput ? "-" : file];
  const { status, stdout, stderr } = spawnSync(process.execPath, args, {
    encoding: "utf8",
    ...(asInput ? { input: content } : {}),
  });
  return { status, answers: status === 2 ? null : JSON.parse(stdout), stderr };
}

describe("the scripting interface's command", () => {
  it("answers in order and ends with 0 when every case was computed", () => {
    const { status, answers } = compute(
      '[{"kind":"parse","input":{"text":"92","unit":"cm"}},{"kind":"parse","input":{"text":"x","unit":"cm"}}]',
    );
    expect(status).toBe(0);
    expect(answers).toMatchObject([{ output: { mm: 920 } }, { output: { error: true } }]);
  });

  it("ends with 1 when any case was an error", () => {
    const { status, answers } = compute('{"kind":"sleeve","input":{}}');
    expect(status).toBe(1);
    expect(answers).toMatchObject([{ kind: "sleeve", error: { code: "unsupported" } }]);
  });

  it("reads standard input", () =>
    expect(compute('{"kind":"parse","input":{"text":"1/2","unit":"in"}}', true).answers).toMatchObject([
      { output: { mm: 12.7 } },
    ]));

  it("ends with 2 and says why where there is no JSON", () => {
    const { status, stderr } = compute("{half");
    expect(status).toBe(2);
    expect(stderr).toMatch(/^Expected .*cases\.json to be JSON/);
  });
});
