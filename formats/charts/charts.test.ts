import { readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CHART_MEASURES, type ChartSize } from "../../core/ease/index.ts";
import { type ChartCsvOptions, chartToCsv, columnOf, readChartCsv } from "./chartCsv.ts";
import { chartDocument, chartDocumentSchema, type ImportedChart, readChartDocument } from "./chartDocument.ts";

const read = (text: string, options: Partial<ChartCsvOptions> = {}) =>
  readChartCsv(text, { bareKind: null, unit: "cm", ...options });
const sizesOf = (text: string, options: Partial<ChartCsvOptions> = {}) => {
  const answer = read(text, options);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value.sizes;
};
const problemOf = (text: string) => {
  const answer = read(text);
  return answer.ok ? null : `${answer.problem.code}: ${answer.problem.message}`;
};

const charts = fc
  .uniqueArray(
    fc.string({ minLength: 1, maxLength: 12 }).filter((name) => name.trim() === name && !/[\r\n\0]/.test(name)),
    {
      minLength: 1,
      maxLength: 8,
    },
  )
  .chain((names) =>
    fc.tuple(
      ...names.map((name) =>
        fc.record({
          name: fc.constant(name),
          body: fc.dictionary(fc.constantFrom(...CHART_MEASURES), fc.double({ min: 200, max: 2500, noNaN: true })),
          finished: fc.dictionary(fc.constantFrom(...CHART_MEASURES), fc.double({ min: 200, max: 2500, noNaN: true })),
        }),
      ),
    ),
  );

/** Dictionaries of fast-check have no prototype; what is read back has. */
const plain = (sizes: readonly unknown[]): ChartSize[] => JSON.parse(JSON.stringify(sizes));

const chart = (sizes: readonly ChartSize[]): ImportedChart => ({
  name: "Block",
  notes: "",
  ease: "stretch",
  ownReduction: 0.08,
  sizes,
});

describe("a chart as CSV", () => {
  it("comes back as it went, to the last digit", () => {
    fc.assert(
      fc.property(charts, (sizes) => {
        const wanted = plain(sizes);
        // A chart that states nothing has no columns to be read back.
        if (wanted.every(({ body, finished }) => Object.keys({ ...body, ...finished }).length === 0)) return;
        expect(sizesOf(chartToCsv({ sizes: wanted }))).toEqual(wanted);
      }),
      { seed: 20261125 },
    );
  });

  it.each([
    ["size;body waist;finished waist\n38;70;64,5", 700, 645],
    ["size,body waist,finished waist\n38,70,64.5", 700, 645],
    ["size\tbody waist (mm)\tFINISHED-waist mm\n38\t700\t645", 700, 645],
    ["Size;Waist body in;Waist finished (in)\n38;27 1/2;25", 698.5, 635],
    ["\uFEFFsize;body waist;finished waist\r\n38;70 cm;645 mm\r\n", 700, 645],
  ])("is read as makers write it: %j", (text, body, finished) => {
    expect(sizesOf(text)).toEqual([{ name: "38", body: { waist: body }, finished: { waist: finished } }]);
  });

  it("takes bare numbers in the unit given, and leaves out what is empty", () => {
    expect(sizesOf("size;body waist;body hip\n8;26;", { unit: "in" })).toEqual([
      { name: "8", body: { waist: 660.4 }, finished: {} },
    ]);
  });

  it("reports columns headed without a kind, and takes them as told", () => {
    const text = "size;waist;finished hip\n38;70;88";
    expect(read(text)).toEqual({ ok: true, value: { sizes: [], unkinded: ["waist"] } });
    expect(sizesOf(text, { bareKind: "body" })[0]).toMatchObject({ body: { waist: 700 }, finished: { hip: 880 } });
    expect(sizesOf(text, { bareKind: "finished" })[0]?.finished).toEqual({ waist: 700, hip: 880 });
  });

  it.each([
    ["", "no-heading: Line 1"],
    ["38", "no-heading: Line 1"],
    ["size;body hips\n38;90", "column-unknown: Line 1: expected a kind (body or finished) and a zone"],
    ["size;body waist;body waist cm\n38;70;70", "column-twice: Line 1"],
    ["size;body waist", "no-size"],
    ["size;body waist\n38;70\n;74", "size-unnamed: Line 3"],
    ["size;body waist\n38;70\n38;74", "size-twice: Line 3"],
    ["size;body waist\n38;wide", "girth-unreadable: Line 2, body waist: "],
    ["size;body waist\n38;7", "girth-unreadable: Line 2, body waist: Expected a girth of 20 to 250 cm, but got “7”."],
    [`size;body waist\n${Array.from({ length: 61 }, (_, index) => `${index};70`).join("\n")}`, "too-many-sizes"],
  ])("that is wrong is refused with its line: %j", (text, start) =>
    expect(problemOf(text)?.startsWith(start)).toBe(true),
  );

  it("knows its columns by kind, zone and unit in any order", () => {
    expect(columnOf("High hip, finished (cm)")).toEqual({ zone: "highHip", kind: "finished", unit: "cm" });
    expect(columnOf("body high_hip")).toEqual({ zone: "highHip", kind: "body", unit: null });
    expect(columnOf("overbust girth")).toEqual({ zone: "overbust", kind: null, unit: null });
    expect(columnOf("body sleeve")).toBeNull();
  });
});

describe("a chart as JSON", () => {
  it("comes back as it went", () => {
    fc.assert(
      fc.property(charts, (sizes) => {
        const wanted = chart(plain(sizes));
        expect(readChartDocument(JSON.parse(JSON.stringify(chartDocument(wanted))))).toEqual({
          ok: true,
          value: wanted,
        });
      }),
      { seed: 20261125 },
    );
  });

  it.each([
    [{}, "format"],
    [{ ...chartDocument(chart([])) }, "sizes"],
    [{ ...chartDocument(chart([{ name: "S", body: { waist: 20 }, finished: {} }])) }, "200"],
    [{ ...chartDocument(chart([{ name: "S", body: {}, finished: {} }])), ease: "tight" }, "ease"],
  ])("that is wrong says where: %#", (document, word) => {
    const answer = readChartDocument(document);
    expect(answer.ok ? "" : answer.problem.message).toContain(word);
  });

  it("has each size once", () => {
    const size = { name: "S", body: {}, finished: {} };
    const answer = readChartDocument(chartDocument(chart([size, size])));
    expect(answer.ok ? null : answer.problem.code).toBe("size-twice");
  });

  it("has the schema that is published", () => {
    const published = readFileSync(join(import.meta.dirname, "../../docs/formats/sizeChart.schema.json"), "utf8");
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(chartDocumentSchema)));
  });
});
