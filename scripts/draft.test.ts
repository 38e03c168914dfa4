import { spawnSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, describe, expect, it } from "vitest";
import { answerOf } from "./commandLine.ts";
import { draftCommand } from "./drafting/draftCommand.ts";

const folder = mkdtempSync(join(tmpdir(), "stenz-draft-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

let runs = 0;
async function draft(content: string, ...options: readonly string[]) {
  runs += 1;
  const [file, out] = [join(folder, `piece${runs}.json`), join(folder, `out${runs}`)];
  writeFileSync(file, content);
  const { status, out: said, err } = await answerOf(draftCommand, [file, "--out", out, ...options]);
  return { status, stderr: err, out, answer: status === 2 ? null : JSON.parse(said) };
}

it("the drafting command runs as a process of its own", () => {
  const file = "formats/drafts/strip.json";
  const words = ["scripts/command.mjs", "draft", file, "--out", join(folder, "own"), "--svg"];
  const { status, stdout, stderr } = spawnSync(process.execPath, words, { encoding: "utf8" });
  expect([status, stderr]).toEqual([0, ""]);
  expect(JSON.parse(stdout)).toMatchObject({ files: [join(folder, "own", "strip.svg")], failed: [] });
  const none = spawnSync(process.execPath, ["scripts/command.mjs", "draft"], { encoding: "utf8" });
  expect([none.status, none.stderr]).toEqual([2, expect.stringMatching(/^Expected one file name/)]);
});

describe("the drafting command", () => {
  it("writes every format, says which files and which rules are broken, and ends with 0", async () => {
    const { status, answer, out } = await draft(readFileSync("formats/drafts/brief.json", "utf8"));
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

  it("writes what it was asked for only", async () => {
    const { out } = await draft(readFileSync("formats/drafts/strip.json", "utf8"), "--svg");
    expect(readdirSync(out)).toEqual(["piece2.svg"]);
  });

  it("writes the sheet to cut by, and lays other files' outlines under the print, each a layer", async () => {
    const { status, out } = await draft(
      readFileSync("formats/drafts/brief-changed.json", "utf8"),
      ...["--pdf", "--sheet", "--under", "formats/drafts/brief.json"],
    );
    expect(status).toBe(0);
    expect(readdirSync(out)).toEqual(["piece3-sheet.pdf", "piece3.pdf"]);
    expect(readFileSync(join(out, "piece3.pdf"), "latin1")).toMatch(/\/Type \/OCG\s+\/Name \(brief\)/);
  });

  it("answers what cannot be drawn by its problem, ends with 1 and writes nothing", async () => {
    const { status, answer, out } = await draft('{"recipe":"skirt"}');
    expect(status).toBe(1);
    expect(answer).toMatchObject({ error: { code: "missing", message: expect.stringMatching(/planned girth hip/) } });
    expect(() => readdirSync(out)).toThrow();
  });

  it("ends with 2 and says why where there is no JSON, or an option nobody knows", async () => {
    expect(await draft("{half")).toMatchObject({ status: 2, stderr: expect.stringMatching(/^Expected JSON/) });
    expect(await draft("{}", "--paper", "b5")).toMatchObject({
      status: 2,
      stderr: expect.stringMatching(/a4, letter.*“b5”/),
    });
    expect(await draft("{}", "--bmp")).toMatchObject({
      status: 2,
      stderr: expect.stringMatching(/--bmp[\s\S]*Usage:/),
    });
  });
});

describe("pieces of another program", () => {
  const read = async (...words: readonly string[]) => {
    const { status, out, err } = await answerOf(draftCommand, ["--read", ...words]);
    return { status, err, said: out === "" ? null : JSON.parse(out) };
  };

  it("as SVG and as DXF are read with their edges, as long as they were drawn", async () => {
    const { out } = await draft(readFileSync("formats/drafts/skirt.json", "utf8"), "--svg", "--dxf", "--json");
    const drawn = JSON.parse(readFileSync(join(out, `piece${runs}.json`), "utf8"));
    for (const ending of ["svg", "dxf"]) {
      const { said } = await read(join(out, `piece${runs}.${ending}`));
      expect(said.passedOver).toEqual([]);
      for (const [at, piece] of drawn.pieces.entries()) {
        const lengths = piece.edges.map(({ length }: { length: number }) => length).toSorted();
        for (const [edge, mm] of said.pieces[at].seam.edges.toSorted().entries())
          expect(Math.abs(mm - lengths[edge])).toBeLessThan(0.05);
      }
    }
  });

  it("that cannot be taken are answered with a sentence; another kind of file, or unit, ends with 2", async () => {
    const file = join(folder, "other.svg");
    writeFileSync(file, "<svg width='9px'><script/></svg>");
    expect(await read(file)).toMatchObject({ status: 1, said: { error: { code: "svg-active" } } });
    expect(await read("formats/drafts/skirt.json")).toMatchObject({
      status: 2,
      err: expect.stringMatching(/\.svg or \.dxf/),
    });
    expect(await read(file, "--unit", "ell")).toMatchObject({ status: 2, err: expect.stringMatching(/mm, cm.*“ell”/) });
  });
});
