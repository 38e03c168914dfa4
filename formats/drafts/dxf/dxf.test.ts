import DxfParser from "dxf-parser";
import { describe, expect, it, onTestFinished, vi } from "vitest";
import { boxOfEdges, cutLine, type Edge, outlineOf } from "../../../core/drafting/index.ts";
import { BRIEF_FACTS, sampleDraft } from "../../../core/testing/index.ts";
import { draftDxf } from "./draftDxf.ts";
import { readDxf } from "./readDxf.ts";

const draft = sampleDraft("brief", BRIEF_FACTS);
const text = draftDxf(draft, { title: "Brief", size: "38" });
const camisole = sampleDraft("camisole", {
  measures: {},
  girths: { bust: 840, waist: 700, hip: 930 },
  lengths: { back_waist: 400, waist_to_hip: 200 },
  options: {},
});
const back = (dxf: string, unit?: number) => {
  const read = readDxf(dxf, unit);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};
/** Where the lines of an outline begin. */
const placesOf = (lines: readonly Edge[] = []) => lines.map(({ from }) => from);
const boxOf = (places: readonly { x: number; y: number }[]) => ({
  from: { x: Math.min(...places.map(({ x }) => x)), y: Math.min(...places.map(({ y }) => y)) },
  to: { x: Math.max(...places.map(({ x }) => x)), y: Math.max(...places.map(({ y }) => y)) },
});
/** Twice the area within places one after the other. */
const within = (places: readonly { x: number; y: number }[]) =>
  places.reduce((sum, { x, y }, at) => {
    const next = places[(at + 1) % places.length] ?? { x, y };
    return sum + x * next.y - next.x * y;
  }, 0);

describe("pieces as DXF", () => {
  const file = new DxfParser().parseSync(text);

  it("say millimetres, with a block and an insert for each piece", () => {
    expect(file?.header.$INSUNITS).toBe(4);
    expect(Object.keys(file?.blocks ?? {}).filter((name) => !name.startsWith("*"))).toEqual([
      "front",
      "back",
      "gusset",
      "gussetLining",
    ]);
    expect(file?.entities.filter(({ type }) => type === "INSERT")).toHaveLength(4);
  });

  it("keep to the plain subset, on the layers of the standard", () => {
    const entities = file?.blocks.front?.entities ?? [];
    expect(new Set(entities.map(({ type }) => type))).toEqual(new Set(["POLYLINE", "POINT", "LINE", "TEXT"]));
    const byLayer = (layer: string) => entities.filter((entity) => entity.layer === layer).map(({ type }) => type);
    expect([byLayer("1"), byLayer("14"), byLayer("7")]).toEqual([["POLYLINE"], ["POLYLINE"], ["LINE"]]);
    expect(byLayer("8")).toEqual(["LINE", "LINE"]);
    expect(byLayer("2").length).toBeGreaterThanOrEqual(5);
    expect(byLayer("3").length).toBeGreaterThan(20);
  });

  it("name each piece, its size, quantity and material", () => {
    const words = (file?.blocks.front?.entities ?? []).flatMap((entity) =>
      entity.type === "TEXT" ? [(entity as never as { text: string }).text] : [],
    );
    expect(words).toEqual([
      "Piece Name: Front",
      "Size: 38",
      "Quantity: 1",
      "Material: shell",
      "Annotation: cut on the fold",
    ]);
  });
});

describe("DXF read back", () => {
  it("has every piece where it was, to a hundredth of a millimetre", () => {
    const { pieces, passedOver } = back(text);
    expect(passedOver).toEqual([]);
    expect(pieces.map(({ name, count, material }) => [name, count, material])).toEqual([
      ["Front", 1, "shell"],
      ["Back", 1, "shell"],
      ["Gusset", 1, "shell"],
      ["Gusset lining", 1, "lining"],
    ]);
    draft.pieces.forEach((piece, at) => {
      for (const [places, edges] of [
        [placesOf(pieces[at]?.boundary), cutLine(piece)],
        [placesOf(pieces[at]?.sewLine), outlineOf(piece)],
      ] as const) {
        const [read, drawn] = [boxOf(places), boxOfEdges(edges)];
        // Our own box is to a thousandth of an edge; corners are exact.
        expect(Math.abs(read.from.x - drawn.from.x) + Math.abs(read.from.y - drawn.from.y)).toBeLessThan(0.5);
        for (const { from } of edges)
          expect(Math.min(...places.map(({ x, y }) => Math.hypot(x - from.x, y - from.y)))).toBeLessThan(0.01);
        expect(within(places)).toBeGreaterThan(0);
      }
      expect(pieces[at]?.grain?.from.x).toBeCloseTo(piece.grain.from.x, 4);
    });
  });

  it("has notches where they were", () => {
    const [front] = back(draftDxf(camisole, { title: "Top", size: "" })).pieces;
    expect(front?.notches).toHaveLength(1);
    const [sewLine, notches] = [placesOf(front?.sewLine), front?.notches ?? []];
    const off = Math.min(...sewLine.map(({ x, y }) => Math.hypot(x - (notches[0]?.x ?? 0), y - (notches[0]?.y ?? 0))));
    expect(off).toBeLessThan(10);
  });

  it("lists what was not understood, and reads the rest", () => {
    const strange = text.replace(/\nLINE\n/, "\nCIRCLE\n");
    expect(back(strange).passedOver.join()).toMatch(/CIRCLE/);
    expect(back(strange).pieces).toHaveLength(4);
  });

  it("in inches is told in millimetres; without a unit it is asked for", () => {
    const inches = text.replace(/(\$INSUNITS\s+70\s+)4/, "$11");
    const unitless = text.replace(/(\$INSUNITS\s+70\s+)4/, "$10");
    const widthOf = (dxf: string, unit?: number) => boxOf(placesOf(back(dxf, unit).pieces[0]?.boundary)).to.x;
    expect(widthOf(inches)).toBeCloseTo(25.4 * widthOf(text), 3);
    expect(readDxf(unitless)).toMatchObject({
      ok: false,
      problem: { code: "unit-unknown", message: expect.stringMatching(/not told: say which/) },
    });
    expect(widthOf(unitless, 10)).toBeCloseTo(10 * widthOf(text), 3);
  });

  it.each([
    ["nothing", ""],
    ["a letter", "Dear sewer,\nhere are the pieces."],
    ["half a file", text.slice(0, text.length / 3)],
    ["no pieces", text.replaceAll(/\n(1|14)\n(?=66\n|70\n|100\n)/g, "\n99\n").replaceAll("POLYLINE", "HELIX")],
  ])("%s is refused with a sentence, or read as far as it goes", (_said, dxf) => {
    const read = readDxf(dxf);
    if (!read.ok) expect(read.problem.message).toMatch(/^Expected /);
    else expect(read.value.pieces.length).toBeGreaterThan(0);
  });

  it("that is far too long is not read", () =>
    expect(readDxf("0\n".repeat(10_000_001))).toMatchObject({ ok: false, problem: { code: "file-too-large" } }));
});

const lineFile = (kind: string, ...groups: readonly (string | number)[]) =>
  [
    ...[0, "SECTION", 2, "HEADER", 9, "$INSUNITS", 70, 4, 0, "ENDSEC", 0, "SECTION", 2, "BLOCKS"],
    ...[0, "BLOCK", 8, 1, 2, "wing", 10, 0, 20, 0, 0, kind, 8, 1, ...groups],
    ...[0, "ENDBLK", 8, 1, 0, "ENDSEC", 0, "EOF", ""],
  ].join("\n");
const corners = [
  [0, 0],
  [30, 0],
  [30, 40],
] as const;
const places = corners.flatMap(([x, y]) => [10, x, 20, y]);
const vertices = corners.flatMap(([x, y]) => [0, "VERTEX", 8, 1, 10, x, 20, y]);

describe("a line of another program", () => {
  it.each([
    ["of places", lineFile("LWPOLYLINE", 90, 3, 70, 1, ...places)],
    ["that says more places than it has", lineFile("LWPOLYLINE", 90, 9e12, ...places)],
    ["of entities", lineFile("POLYLINE", 66, 1, 70, 1, 10, 0, 20, 0, ...vertices, 0, "SEQEND", 8, 1)],
    ["of entities, without its end", lineFile("POLYLINE", 66, 1, 70, 1, 10, 0, 20, 0, ...vertices)],
  ])("%s is read as it lies", (_said, file) => {
    const [piece] = back(file).pieces;
    expect(placesOf(piece?.boundary)).toEqual(corners.map(([x, y]) => ({ x, y: -y || 0 })));
  });

  it("with groups nobody knows is read, and nothing of them told", () => {
    const log = vi.spyOn(console, "log").mockImplementation(() => undefined);
    onTestFinished(() => log.mockRestore());
    expect(back(lineFile("POLYLINE", 5000, "secret", -7, "secret", ...vertices, 0, "SEQEND")).pieces).toHaveLength(1);
    expect(log).not.toHaveBeenCalled();
  });
});
