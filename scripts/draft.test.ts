import { spawnSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";

const folder = mkdtempSync(join(tmpdir(), "stenz-draft-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

let runs = 0;
function draft(content: string, ...options: readonly string[]) {
  runs += 1;
  const [file, out] = [join(folder, `piece${runs}.json`), join(folder, `out${runs}`)];
  writeFileSync(file, content);
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    ["--import", "tsx", "scripts/draft.ts", file, "--out", out, ...options],
    { encoding: "utf8" },
  );
  return { status, stderr, out, answer: status === 2 ? null : JSON.parse(stdout) };
}

describe("the drafting command", () => {
  it("writes every format, says which files and which rules are broken, and ends with 0", () => {
    const { status, answer, out } = draft(readFileSync("formats/drafts/brief.json", "utf8"));
    expect(status).toBe(0);
    expect(answer).toEqual({
      files: ["json", "svg", "dxf", "pdf"].map((format) => join(out, `piece1.${format}`)),
      pieces: 4,
      failed: [],
    });
    expect(JSON.parse(readFileSync(join(out, "piece1.json"), "utf8"))).toMatchObject({
      format: "stenz.draft",
      recipe: "brief",
    });
    expect(readFileSync(join(out, "piece1.svg"), "utf8")).toMatch(/^<\?xml/);
    expect(readFileSync(join(out, "piece1.pdf"), "latin1")).toMatch(/^%PDF[\s\S]*%%EOF\s*$/);
  });

  it("writes what it was asked for only", () => {
    const { out } = draft(readFileSync("formats/drafts/strip.json", "utf8"), "--svg");
    expect(readdirSync(out)).toEqual(["piece2.svg"]);
  });

  it("writes the sheet to cut by, and lays other files' outlines under the print, each a layer", () => {
    const { status, out } = draft(
      readFileSync("formats/drafts/brief-changed.json", "utf8"),
      ...["--pdf", "--sheet", "--under", "formats/drafts/brief.json"],
    );
    expect(status).toBe(0);
    expect(readdirSync(out)).toEqual(["piece3-sheet.pdf", "piece3.pdf"]);
    expect(readFileSync(join(out, "piece3.pdf"), "latin1")).toMatch(/\/Type \/OCG\s+\/Name \(brief\)/);
  });

  it("answers what cannot be drawn by its problem, ends with 1 and writes nothing", () => {
    const { status, answer, out } = draft('{"recipe":"skirt"}');
    expect(status).toBe(1);
    expect(answer).toMatchObject({ error: { code: "missing", message: expect.stringMatching(/planned girth hip/) } });
    expect(() => readdirSync(out)).toThrow();
  });

  it("ends with 2 and says why where there is no JSON, or an option nobody knows", () => {
    expect(draft("{half")).toMatchObject({ status: 2, stderr: expect.stringMatching(/^Expected JSON/) });
    expect(draft("{}", "--paper", "b5")).toMatchObject({
      status: 2,
      stderr: expect.stringMatching(/a4, letter.*“b5”/),
    });
    expect(draft("{}", "--bmp")).toMatchObject({ status: 2, stderr: expect.stringMatching(/--bmp[\s\S]*Usage:/) });
  });
});
