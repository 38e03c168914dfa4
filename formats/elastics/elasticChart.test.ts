import { describe, expect, it } from "vitest";
import { readElasticChartCsv, writeElasticChartCsv } from "./elasticChartCsv.ts";
import { readElasticChartJson, writeElasticChartJson } from "./elasticChartJson.ts";

const ROWS = [
  { size: "S", at: "leg", name: "", count: 2, widthMm: 8, lengthMm: 480 },
  { size: "M", at: "leg", name: "", count: 2, widthMm: 8, lengthMm: 505 },
  { size: "M", at: "own", name: "tie edge", count: null, widthMm: null, lengthMm: 262.5 },
] as const;

const rows = (text: string, unit: "cm" | "in" = "cm") => {
  const read = readElasticChartCsv(text, unit);
  return read.ok ? read.value : read.problem.code;
};

describe("a pattern's chart of elastics", () => {
  it("comes back from both kinds of file as it was", () => {
    expect(rows(writeElasticChartCsv(ROWS))).toEqual(ROWS);
    expect(readElasticChartJson(writeElasticChartJson(ROWS))).toEqual({ ok: true, value: ROWS });
  });

  it("is read in the unit its heading names, else in the one asked for; widths in mm", () => {
    expect(rows("size;edge;width;length\nS;leg edge;8;48")).toMatchObject([{ at: "leg", widthMm: 8, lengthMm: 480 }]);
    expect(rows("size;edge;length in\nS;Waist;23 1/2")).toMatchObject([
      { at: "waist", lengthMm: expect.closeTo(596.9, 6) },
    ]);
    expect(rows("size;edge;length\nS;waist;20", "in")).toMatchObject([{ lengthMm: 508 }]);
    expect(rows("size;edge;length cm\nS;waist;")).toMatchObject([{ lengthMm: null }]);
  });

  it.each([
    ["", "no-heading"],
    ["size;edge;length", "no-rows"],
    ["size;edge;girth\nS;leg;4", "column-unknown"],
    ["size;edge;length ell\nS;leg;4", "column-unknown"],
    ["size;size;length\nS;S;4", "column-twice"],
    ["size;length\nS;4", "column-missing"],
    ["size;edge;length\n;leg;4", "size-unnamed"],
    ["size;edge;length\nS;;4", "edge-unnamed"],
    ["size;edge;length\nS;leg;long", "length-unreadable"],
    ["size;edge;length\nS;leg;0", "length-unreadable"],
    ["size;edge;count;length\nS;leg;1.5;4", "count-unreadable"],
    ["size;edge;length\nS;leg;48\ns;leg;49", "row-twice"],
    [`size;edge;length\n${"S;leg;4\n".repeat(300)}`, "too-many-rows"],
  ])("refuses %j as %s", (text, code) => expect(rows(text)).toBe(code));

  it("refuses JSON that is none, or holds something else", () => {
    const code = (text: string) => {
      const read = readElasticChartJson(text);
      return read.ok ? "ok" : read.problem.code;
    };
    expect(code("{")).toBe("json-unreadable");
    expect(code(JSON.stringify({ format: "stenz elastic chart", version: 1, rows: [] }))).not.toBe("ok");
    expect(code(writeElasticChartJson(ROWS).replace('"leg"', '"knee"'))).not.toBe("ok");
  });
});
