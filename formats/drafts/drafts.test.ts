import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { Bezier } from "bezier-js";
import { Window } from "happy-dom";
import { describe, expect, it } from "vitest";
import { drawBy, edgeLength, edgeOf, operate, type Piece, pieceOf, RECIPES } from "../../core/drafting/index.ts";
import { BRIEF_FACTS, sampleDraft } from "../../core/testing/index.ts";
import { validator } from "../validation.ts";
import { arrowLine, stretchArrow } from "./arrows.ts";
import { readDraftFile } from "./draftFile.ts";
import { DRAFT_JSON, draftJson } from "./draftJson.ts";
import { draftSvg } from "./draftSvg.ts";
import { sheetOf } from "./sheet.ts";

const FOLDER = import.meta.dirname;
const EXAMPLES = readdirSync(FOLDER).filter((name) => name.endsWith(".json"));
const read = (text: string) => readDraftFile(text);
const file = (own: object) => JSON.stringify({ recipe: "brief", ...BRIEF_FACTS, ...own });
const draft = sampleDraft("brief", BRIEF_FACTS);

/** Length of path data of lines and cubics, by the library of curves: no code of ours. */
function pathLength(path: string): number {
  const parts = path.match(/[MLCZ][^MLCZ]*/g) ?? [];
  let [at, sum] = [[0, 0], 0];
  for (const part of parts) {
    const numbers = part.slice(1).trim().split(/\s+/).map(Number);
    const end = numbers.slice(-2);
    if (part[0] === "L") sum += Math.hypot((end[0] ?? 0) - (at[0] ?? 0), (end[1] ?? 0) - (at[1] ?? 0));
    if (part[0] === "C") sum += new Bezier([...at, ...numbers]).length();
    at = end;
  }
  return sum;
}

it("channels of bones are drawn on the pieces, with a line across either end", () => {
  const at = draft.pieces[0];
  if (!at) throw new Error("There are pieces.");
  const channelled = {
    ...at,
    channels: [
      {
        id: "seam1",
        way: [
          { x: 5, y: 10 },
          { x: 6, y: 50 },
          { x: 5, y: 90 },
        ],
      },
    ],
  };
  const count = (pieces: typeof draft.pieces) => (draftSvg({ ...draft, pieces }).match(/<path/g) ?? []).length;
  expect(count([channelled, ...draft.pieces.slice(1)])).toBe(count(draft.pieces) + 4);
});

describe("examples of files to draft from", () => {
  it("there is one for every recipe", () => {
    const recipes = EXAMPLES.map((name) => JSON.parse(readFileSync(join(FOLDER, name), "utf8")).recipe);
    expect(new Set(recipes)).toEqual(new Set(RECIPES.map(({ id }) => id)));
  });

  it.each(EXAMPLES)("%s is drawn, keeps every rule and is written as its schema says", (name) => {
    const request = read(readFileSync(join(FOLDER, name), "utf8"));
    if (!request.ok) throw new Error(request.problem.message);
    const done = operate(sampleDraft(request.value.recipe, request.value.facts), request.value.operations);
    if (!done.ok) throw new Error(done.problem.message);
    const written = draftJson(done.value.draft, done.value.reports);
    // What was taken in on purpose is no longer the plan's.
    const broken = written.checks.filter(({ ok }) => !ok).map(({ id }) => id);
    const girthsMoved = written.changes.some(({ girths }) => girths.length > 0);
    expect(broken).toEqual(girthsMoved ? ["girthsSum"] : []);
    expect(validator(DRAFT_JSON)(JSON.parse(JSON.stringify(written))).ok).toBe(true);
  });
});

describe("a file to draft from", () => {
  it("is read as it stands; what is left out is nothing", () => {
    expect(read(file({}))).toEqual({ ok: true, value: { recipe: "brief", facts: BRIEF_FACTS, operations: [] } });
    expect(read('{"recipe":"rectangle","unit":"mm"}')).toMatchObject({
      ok: true,
      value: { facts: { measures: {}, girths: {}, lengths: {}, options: {} } },
    });
  });

  it.each([
    ["no JSON", "{", "json-unreadable", /sign 2|cannot be read/],
    ["another unit", file({ unit: "in" }), "another-unit", /lengths in mm, but the file says “in”/],
    ["a girth below nothing", file({ girths: { hip: -1 } }), "invalid-input", /girths\.hip/],
    ["a girth of a house", file({ girths: { hip: 20_000 } }), "invalid-input", /girths\.hip.*20000/],
    ["a key nobody knows", file({ girth: {} }), "invalid-input", /only known keys.*“girth”/],
    ["one side only", file({ girths: { leg: { left: 500 } } }), "invalid-input", /girths\.leg/],
    ["no recipe", "{}", "invalid-input", /“recipe”, but it is missing/],
    ["a list", "[]", "invalid-input", /the input/],
    ["a strange option", file({ options: { "x y": 1 } }), "invalid-input", /options/],
    ["far too long", " ".repeat(1_000_001), "file-too-large", /up to 1 million signs, but it has 1000001/],
  ])("of %s is refused with what was expected", (_said, text, code, message) => {
    expect(read(text)).toMatchObject({ ok: false, problem: { code, message: expect.stringMatching(message) } });
  });
});

const TAKEN_IN = {
  operation: "letOut",
  piece: "front",
  edge: "side",
  amount: -6,
  fullFrom: 90,
  fullTo: 110,
  blendBefore: 60,
  blendAfter: 30,
};

describe("operations of a file", () => {
  it("are read by their own numbers, done in order, and told in the JSON", () => {
    const request = read(file({ operations: [TAKEN_IN] }));
    if (!request.ok) throw new Error(request.problem.message);
    const { operation, ...params } = TAKEN_IN;
    expect(request.value.operations).toEqual([{ operation, params }]);
    const done = operate(draft, request.value.operations);
    if (!done.ok) throw new Error(done.problem.message);
    const written = draftJson(done.value.draft, done.value.reports);
    expect(written.changes).toMatchObject([{ operation: "letOut", girths: [{ level: "highHip", before: 780 }] }]);
    expect(written.changes[0]?.edges.map(({ piece, edge }) => `${piece} ${edge}`)).toContain("front side");
    expect(validator(DRAFT_JSON)(JSON.parse(JSON.stringify(written))).ok).toBe(true);
  });

  it.each([
    [[{ operation: "iron" }], "unknown-operation", /Operation 1: expected one of girth, lengthen/],
    [[TAKEN_IN, { ...TAKEN_IN, amount: "much" }], "invalid-input", /Operation 2, letOut: Expected amount/],
    [[{ ...TAKEN_IN, amount: 400 }], "invalid-input", /amount/],
    [[{ ...TAKEN_IN, slant: 3 }], "invalid-input", /“slant”/],
    [[{}], "invalid-input", /“operation”, but it is missing/],
    ["all", "invalid-input", /operations/],
  ])("%j is refused with what was expected", (operations, code, message) => {
    expect(read(file({ operations }))).toMatchObject({
      ok: false,
      problem: { code, message: expect.stringMatching(message) },
    });
  });
});

describe("pieces as JSON", () => {
  const json = draftJson(draft);

  it("have what was asked for, in millimetres", () => {
    const [front] = json.pieces;
    expect(json.pieces.map(({ id }) => id)).toEqual(["front", "back", "gusset", "gussetLining"]);
    expect(front).toMatchObject({ name: "Front", count: 1, onFold: true, mirrored: false, role: "shell" });
    expect(front?.edges.map(({ id }) => id)).toEqual(["waist", "side", "leg", "gusset", "centre"]);
    expect(front?.edges[1]).toMatchObject({
      seam: { piece: "back", edge: "side", ease: 0 },
      allowance: 6,
      finish: "seam",
    });
    expect(front?.edges[4]).not.toHaveProperty("seam");
    expect(json.girths).toEqual({ waist: { planned: 640, pieces: 640 }, highHip: { planned: 780, pieces: 780 } });
    expect(front?.levels.map(({ level }) => level)).toEqual(["waist", "highHip"]);
  });

  it("have paths as long as they say, by another reader", () => {
    for (const { edges } of json.pieces)
      for (const { path, length } of edges) expect(pathLength(path)).toBeCloseTo(length, 2);
  });

  it("have seam lines in order: each edge begins where the one before it ended", () => {
    for (const { edges } of json.pieces)
      edges.forEach(({ path }, at) => {
        const before = edges.at(at - 1)?.path ?? "";
        expect(path.split(" ").slice(1, 3)).toEqual(before.split(" ").slice(-2));
      });
  });

  it("tell every number with its formula, and every rule with its word", () => {
    expect(json.numbers.find(({ id }) => id === "front.waist")).toMatchObject({
      formula: "w = G · a / B / 2",
      value: expect.closeTo((640 * 380) / 740 / 2, 9),
    });
    expect(json.checks.every(({ ok, message }) => ok && message.length > 10)).toBe(true);
  });
});

describe("pieces as SVG", () => {
  const svg = draftSvg(draft);
  const document = new new Window().DOMParser().parseFromString(svg, "image/svg+xml");
  const root = document.querySelector("svg");

  it("open at true size: a unit is a millimetre", () => {
    const [, , width, height] = (root?.getAttribute("viewBox") ?? "").split(" ");
    expect([root?.getAttribute("width"), root?.getAttribute("height")]).toEqual([`${width}mm`, `${height}mm`]);
    const { widthMm, heightMm } = sheetOf(draft);
    expect([Number(width), Number(height)]).toEqual([expect.closeTo(widthMm, 2), expect.closeTo(heightMm, 2)]);
  });

  it("have a group each, and a layer each for cut, seam, level, marking, text and folds", () => {
    const groups = [...(root?.children ?? [])].filter(({ tagName }) => tagName.toLowerCase() === "g");
    expect(groups.map(({ id }) => id)).toEqual(["front", "back", "gusset", "gussetLining"]);
    for (const group of groups)
      expect([...group.children].map((layer) => layer.getAttribute("class"))).toEqual([
        "cut",
        "seam",
        "level",
        "marking",
        "text",
        "fold",
      ]);
    expect(groups[0]?.querySelector(".text")?.textContent).toContain("cut 1, on the fold");
  });

  it("have the seam lines of the pieces, as long as they are", () => {
    const path = root?.querySelector("#front .seam path")?.getAttribute("d") ?? "";
    const front = draftJson(draft).pieces[0];
    expect(pathLength(path)).toBeCloseTo(
      (front?.edges ?? []).reduce((sum, { id, length }) => (id === "centre" ? sum : sum + length), 0),
      2,
    );
  });

  it("have a fold where the cloth lies double, neither cut nor sewn, with the bracket that points at it", () => {
    const drawn = (layer: string) =>
      [...(root?.querySelectorAll(`#front .${layer} path`) ?? [])].map((path) => path.getAttribute("d") ?? "");
    const cut = drawn("cut").join(" ");
    expect(cut.match(/M/g)).toHaveLength(1);
    expect(cut).not.toContain("Z");
    const fold = drawn("fold").join(" ");
    const centre = edgeOf(draft.pieces[0] as Piece, "centre");
    expect(pathLength(fold)).toBeGreaterThan(edgeLength(centre));
    // Two arrows square to the fold, 6 mm long, with what joins them.
    const bracket = drawn("marking").filter((path) => Math.abs(pathLength(path) - 6) < 1e-3);
    expect(bracket).toHaveLength(2);
  });

  it("have arrows along the grain and, across it, the greatest stretch: none where nothing stretches", () => {
    const [front, frame] = [draft.pieces[0] as Piece, { ...(draft.pieces[0] as Piece), part: "frame" as const }];
    expect(arrowLine(front.grain.from, front.grain.to)).toHaveLength(3);
    const [line = "", ...heads] = stretchArrow(front);
    expect(heads).toHaveLength(2);
    // 20 mm beside its fold: the arrow takes four fifths of that to either side.
    expect(pathLength(line)).toBeCloseTo(32, 6);
    expect(stretchArrow(frame)).toEqual([]);
    expect(stretchArrow({ ...front, role: "casing" })).toEqual([]);
    const bias = { from: { x: 0, y: 0 }, to: { x: 40, y: 40 } };
    expect(stretchArrow({ ...front, grain: bias })).toEqual([]);
    const boned = front.edges.map((edge) => ({ ...edge, role: "panel" as const }));
    expect(stretchArrow({ ...front, edges: boned })).toEqual([]);
  });

  it("lie side by side, none over another", () => {
    const { placed, widthMm } = sheetOf(draft);
    placed.slice(1).forEach(({ box, by }, at) => {
      const before = placed[at];
      expect(box.from.x + by.x).toBeGreaterThanOrEqual((before ? before.box.to.x + before.by.x : 0) + 19.9);
    });
    const last = placed.at(-1);
    expect((last?.box.to.x ?? 0) + (last?.by.x ?? 0)).toBeLessThan(widthMm);
  });

  it("mark notches across their seam line", () => {
    const top = drawBy("camisole", {
      measures: {},
      girths: { bust: 840, waist: 700, hip: 930 },
      lengths: { back_waist: 400, waist_to_hip: 200 },
      options: {},
    });
    if (!top.ok) throw new Error(top.problem.message);
    const marks = new new Window().DOMParser()
      .parseFromString(draftSvg(top.value), "image/svg+xml")
      .querySelectorAll("#front .marking path");
    // The waist, last but for the bracket's three strokes and its heads: 3 mm inside, and out to where it is cut.
    const lengths = [...marks].map((mark) => pathLength(mark.getAttribute("d") ?? ""));
    const side = edgeOf(pieceOf(top.value, "front"), "side");
    expect(lengths.filter((mm) => Math.abs(mm - 3 - side.allowanceMm) < 1e-3)).toHaveLength(1);
  });
});

it("pieces as JSON have their schema published as it is checked", () => {
  const published = JSON.parse(readFileSync(join(FOLDER, "../../docs/formats/draft.schema.json"), "utf8"));
  expect(published).toEqual(JSON.parse(JSON.stringify(DRAFT_JSON)));
});
