import { describe, expect, it } from "vitest";
import { areaWithin, cutLine, lengthOfEdges, outlineOf } from "../../../core/drafting/index.ts";
import { BRIEF_FACTS, sampleDraft } from "../../../core/testing/index.ts";
import { draftSvg } from "../draftSvg.ts";
import { readSvg } from "./readSvg.ts";

const draft = sampleDraft("brief", BRIEF_FACTS);
const own = draftSvg(draft);
const read = (svg: string, unitMm?: number) => {
  const answer = readSvg(svg, unitMm);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value;
};
const drawing = (inside: string, head = 'width="200mm" height="100mm" viewBox="0 0 200 100"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${head}>\n${inside}\n</svg>`;

describe("our own SVG read back", () => {
  it("has every piece with both of its lines, curves as curves, to a hundredth of a millimetre", () => {
    const { pieces, passedOver } = read(own);
    expect(passedOver).toEqual([]);
    expect(pieces.map(({ name }) => name)).toEqual(draft.pieces.map(({ id }) => id));
    for (const [at, piece] of draft.pieces.entries()) {
      const { boundary = [], sewLine = [] } = pieces[at] ?? {};
      expect(sewLine.some(({ kind }) => kind === "curved")).toBe(true);
      expect(Math.abs(lengthOfEdges(sewLine) - lengthOfEdges(outlineOf(piece)))).toBeLessThan(0.01);
      expect(Math.abs(lengthOfEdges(boundary) - lengthOfEdges(cutLine(piece)))).toBeLessThan(0.05);
      expect(Math.abs(areaWithin(sewLine) - areaWithin(outlineOf(piece)))).toBeLessThan(1);
    }
  });
});

it("a group of ours with lines that stop at two folds is closed along both, and one without folds is as it was", () => {
  const folded = '<g id="sleeve"><g class="cut"><path d="M 0 0 L 30 0 M 30 20 L 0 20"/></g></g>';
  const whole = '<g id="band"><g class="cut"><path d="M 0 0 h 9 v 9 z"/></g></g>';
  const { pieces, passedOver } = read(drawing(folded + whole));
  expect(pieces.map(({ boundary }) => lengthOfEdges(boundary))).toEqual([100, expect.closeTo(18 + 9 * Math.SQRT2, 9)]);
  expect(passedOver).toEqual([]);
});

describe("an SVG of another program", () => {
  it("by hand: a rectangle, a polygon, an arc and curves in a turned and moved group measure true", () => {
    const { pieces, passedOver } = read(
      drawing(`
        <rect id="cradle" x="10" y="10" width="60" height="30"/>
        <g id="wing" transform="translate(100 0) rotate(90)"><polygon points="0,0 30,0 30,40"/></g>
        <path id="cup" d="M 0 0 h 20 a 20 20 0 0 1 -20 20 z"/>
        <path id="sling" d="M 0 0 q 10 20 40 20 t 20 0 L 0 0 Z M 5 5 l 1 1"/>
        <line x1="0" y1="0" x2="5" y2="5"/><circle r="4"/>
      `),
    );
    const length = (name: string) => lengthOfEdges(pieces.find((one) => one.name === name)?.boundary ?? []);
    expect(length("cradle")).toBeCloseTo(180, 6);
    expect(length("wing")).toBeCloseTo(30 + 40 + 50, 6);
    expect(length("cup")).toBeCloseTo(20 + 20 + 10 * Math.PI, 2);
    expect(pieces.map(({ name }) => name)).toEqual(["cradle", "wing", "cup", "sling"]);
    expect(passedOver).toEqual(["circle: 1", "line: 1", "open line: 1"]);
  });

  it.each([
    ['width="20cm" viewBox="0 0 200 100"', 1],
    ['width="10in" viewBox="0 0 10 10"', 25.4],
    ['width="720pt" viewBox="0 0 720 10"', 25.4 / 72],
    ['width="96mm"', 25.4 / 96],
  ])("with %s is told in millimetres", (head, mm) => {
    const [piece] = read(drawing('<rect width="50" height="50"/>', head)).pieces;
    expect(lengthOfEdges(piece?.boundary ?? [])).toBeCloseTo(200 * mm, 6);
  });

  it.each(['width="200px" viewBox="0 0 200 100"', 'width="100%" viewBox="0 0 9 9"', 'viewBox="0 0 200 100"', ""])(
    "with %s asks for the unit, and takes it",
    (head) => {
      const svg = drawing('<rect width="50" height="50"/>', head);
      expect(readSvg(svg)).toMatchObject({ ok: false, problem: { code: "unit-unknown" } });
      expect(lengthOfEdges(read(svg, 0.5).pieces[0]?.boundary ?? [])).toBeCloseTo(100, 9);
    },
  );

  it("pieces of one name are told apart", () =>
    expect(
      read(drawing('<g id="a"><rect width="5" height="5"/><rect width="6" height="5"/></g>')).pieces.map(
        ({ name }) => name,
      ),
    ).toEqual(["a", "a 2"]));
});

describe("a file that is more than lines", () => {
  it.each([
    ["a script", "<script>alert(1)</script>", /line 2 has a script/],
    ["a script of another space", '<svg:script href="#a"/>', /has a script/],
    ["a handler", '<rect width="4" height="4" onload="go()"/>', /runs when it is shown/],
    ["a link out", '<use xlink:href="https://elsewhere.invalid/a.svg#b"/>', /a link out/],
    ["an address in a style", "<style>path{fill:url(//elsewhere.invalid/x)}</style>", /a link out/],
    ["an import", "<style>@import 'x.css';</style>", /a link out/],
    ["a picture", '<image href="data:image/png;base64,AAAA"/>', /something embedded/],
    ["a page in it", "<foreignObject><p>hello</p></foreignObject>", /a foreign object/],
  ])("with %s is refused, and says where", (_said, inside, message) =>
    expect(readSvg(drawing(`${inside}<rect width="5" height="5"/>`))).toMatchObject({
      ok: false,
      problem: { code: "svg-active", message: expect.stringMatching(message) },
    }),
  );

  it("with entities of its own is refused before it is read", () =>
    expect(readSvg(`<!DOCTYPE svg [<!ENTITY a "aaaa">]>${drawing("&a;")}`)).toMatchObject({
      ok: false,
      problem: { code: "svg-active", message: expect.stringContaining("line 1") },
    }));
});

describe("what is no drawing of pieces", () => {
  it.each([
    ["nothing", "", "svg-unreadable"],
    ["a letter", "Dear sewer", "svg-unreadable"],
    ["a page", "<html><body/></html>", "svg-unreadable"],
    ["half a file", own.slice(0, 200), "svg-unreadable"],
    ["open lines only", drawing('<path d="M 0 0 L 5 5 9 9"/>'), "no-pieces"],
    ["path data that is none", drawing('<path d="M x y"/>'), "no-pieces"],
  ])("%s is refused with a sentence", (_said, svg, code) =>
    expect(readSvg(svg)).toMatchObject({
      ok: false,
      problem: { code, message: expect.stringMatching(/^Expected .*\.$/) },
    }),
  );

  it("that is far too long is not read", () =>
    expect(readSvg(" ".repeat(4_000_001))).toMatchObject({ ok: false, problem: { code: "file-too-large" } }));

  it("nested without end is followed so far and no further", () => {
    const deep = drawing(`${"<g>".repeat(500)}<rect width="4" height="4"/>${"</g>".repeat(500)}`);
    expect(readSvg(deep)).toMatchObject({ ok: false, problem: { code: "no-pieces" } });
  });
});
