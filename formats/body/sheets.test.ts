import { readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { CATALOGUE, placesOf, type Sheet, valueFromTakes } from "../../core/body/index.ts";
import { SAMPLE_SHEET } from "../../core/testing/index.ts";
import { readSheetsCsv } from "./readSheetCsv.ts";
import { sheetsToColumns, sheetsToRows } from "./sheetCsv.ts";
import { readSheetsDocument, sheetsDocument, sheetsSchema } from "./sheetDocument.ts";

const TODAY = "2026-11-24";

/** Two sheets with everything a sheet can hold: takes, a tape of its own, reasons, quotes, line breaks, both units. */
const SHEETS: readonly Sheet[] = [
  {
    ...SAMPLE_SHEET,
    selfMeasured: true,
    wornUnder: "thin_bra",
    consent: "“Yes”, said Ilva; to all of it",
    notes: 'After lunch, "quite full"\nand in a hurry; =2+2',
    measuredBy: "Runa, and her aunt",
    values: [
      ...SAMPLE_SHEET.values,
      valueFromTakes({ code: "bust", side: "single", tape: "finger" }, [
        { text: "92,5", mm: 925 },
        { text: "36 1/2 in", mm: 36.5 * 25.4 },
        { text: "930mm", mm: 930 },
      ]),
    ],
    notTaken: [{ code: "trunk_loop", side: "single", reason: "nobody to help, today" }],
    answers: [],
  },
  {
    ...SAMPLE_SHEET,
    takenOn: "2026-01-02",
    unit: "in",
    tape: "finger",
    selfMeasured: false,
    wornUnder: "nothing",
    consent: "",
    values: [valueFromTakes({ code: "waist", side: "single" }, [{ text: "29 1/4", mm: 29.25 * 25.4 }])],
    notTaken: [],
    answers: [],
  },
];

const bare = (sheets: readonly Sheet[]) =>
  sheets.map(({ id: _id, wearerId: _wearer, answers: _answers, ...sheet }) => sheet);

describe("sheets go out and come in again exactly", () => {
  it("as JSON, with days that are on the calendar and every measure once", () => {
    const document = sheetsDocument(SHEETS);
    const [first] = document.sheets;
    if (!first) throw new Error("There are sheets.");
    const problem = (own: object) => {
      const read = readSheetsDocument({ ...document, sheets: [{ ...first, ...own }] }, "2026-11-25");
      return read.ok ? null : read.problem.code;
    };
    expect(problem({ takenOn: "2026-02-30" })).toBe("day-unreadable");
    expect(problem({ takenOn: "2027-01-01" })).toBe("day-out-of-range");
    expect(problem({ values: [...first.values, ...first.values.slice(0, 1)] })).toBe("measure-twice");
  });

  it("as JSON", () => {
    const read = readSheetsDocument(JSON.parse(JSON.stringify(sheetsDocument(SHEETS))), "2026-11-25");
    expect(read.ok && read.value).toEqual(bare(SHEETS));
  });

  it.each([
    ["one row a measure", sheetsToRows],
    ["one column a sheet", sheetsToColumns],
  ])("as CSV, %s", (_name, write) => {
    const { sheets, problems } = readSheetsCsv(write(SHEETS), TODAY);
    expect(problems).toEqual([]);
    const byPlace = (sheet: { values: Sheet["values"] }) => ({
      ...sheet,
      values: sheet.values.toSorted((a, b) => (a.code + a.side).localeCompare(b.code + b.side)),
    });
    expect(sheets.map(byPlace)).toEqual(bare(SHEETS).map(byPlace));
  });

  it("with every measure of the catalogue", () => {
    const values = placesOf(CATALOGUE.map(({ code }) => code)).map((place) =>
      valueFromTakes(place, [{ text: "50", mm: 500 }]),
    );
    const whole: Sheet = { ...SHEETS[1], values, unit: "cm" } as Sheet;
    expect(readSheetsCsv(sheetsToColumns([whole]), TODAY).sheets[0]?.values).toHaveLength(values.length);
  });
});

describe("a file that is not whole", () => {
  const rows = () => sheetsToRows(SHEETS).split("\r\n");

  it.each([
    ["", 1, /Expected the heading/],
    ["name,size\r\nIlva,38\r\n", 1, /Expected the heading “sheet”/],
    ["sheet,taken_on\r\n1,2026-01-01\r\n", 1, /Expected the column “unit”/],
    ["row,sheet 1\r\nwaist,74\r\n", 1, /Expected a row “taken_on”/],
  ])("is refused with line and reason: %j", (text, line, reason) => {
    const { sheets, problems } = readSheetsCsv(text, TODAY);
    expect(sheets).toEqual([]);
    expect(problems).toEqual([{ line, reason: expect.stringMatching(reason) }]);
  });

  it("names each row that is left out, and keeps the others", () => {
    const lines = rows();
    const spoilt = lines
      .map((line, index) =>
        index === 1 ? line.replace("74.2", "wide") : index === 2 ? line.replace("high_hip", "knee") : line,
      )
      .join("\r\n");
    const { sheets, problems } = readSheetsCsv(spoilt, TODAY);
    expect(problems.length).toBe(2);
    expect(problems.map(({ reason }) => reason)).toEqual([
      expect.stringMatching(/waist: .*“wide” cannot be read/),
      expect.stringMatching(/but got “knee”/),
    ]);
    expect(sheets[0]?.values).toHaveLength(SHEETS[0] ? SHEETS[0].values.length - 2 : 0);
  });

  it("leaves a sheet out whose day lies in the future, with all its rows", () => {
    const { sheets, problems } = readSheetsCsv(sheetsToRows([{ ...SAMPLE_SHEET, takenOn: "2027-01-01" }]), TODAY);
    expect(sheets).toEqual([]);
    expect(problems[0]?.reason).toMatch(/The whole sheet is left out/);
  });

  it("takes a measure once", () => {
    const lines = rows();
    const { problems } = readSheetsCsv([...lines.slice(0, 2), lines[1], ...lines.slice(2)].join("\r\n"), TODAY);
    expect(problems[0]?.reason).toMatch(/Expected waist once/);
  });

  it.each([
    [{}, /Expected the input to have “format”/],
    [{ format: "stenz.sheets", version: 2, sheets: [] }, /version/],
    [{ ...sheetsDocument(SHEETS), extra: 1 }, /but got “extra”/],
  ])("of JSON is refused: %j", (document, message) => {
    const read = readSheetsDocument(document, "2026-11-25");
    expect(read.ok ? "" : read.problem.message).toMatch(message);
  });

  it("of JSON names the sheet whose reading cannot be read", () => {
    const document = sheetsDocument(SHEETS);
    const [first, second] = document.sheets;
    const read = readSheetsDocument(
      {
        ...document,
        sheets: [first, { ...second, values: [{ measure: "waist", side: "single", takes: ["wide"] }] }],
      },
      "2026-11-25",
    );
    expect(read.ok ? "" : read.problem.message).toMatch(/^Sheet 2: waist: Expected a length/);
    const sided = readSheetsDocument(
      {
        ...document,
        sheets: [{ ...second, values: [{ measure: "waist", side: "left", takes: ["70"] }] }],
      },
      "2026-11-25",
    );
    expect(sided.ok ? "" : sided.problem.message).toMatch(/Expected the side single for waist/);
  });
});

it("has its schema published as it is checked", () => {
  const published = JSON.parse(
    readFileSync(join(import.meta.dirname, "../../docs/formats/sheets.schema.json"), "utf8"),
  );
  expect(published).toEqual(JSON.parse(JSON.stringify(sheetsSchema)));
});
