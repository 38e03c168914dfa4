import { describe, expect, it } from "vitest";
import { readSheetsCsv } from "./body/readSheetCsv.ts";
import { HEAD, ROW_COLUMNS } from "./body/sheetCsv.ts";
import { readSheetsDocument } from "./body/sheetDocument.ts";
import { readChartCsv } from "./charts/chartCsv.ts";
import { readDiagonals, readEdgeLengths } from "./drafts/builtText.ts";
import { readCurveText } from "./drafts/curve.ts";
import { readDraftFile } from "./drafts/draftFile.ts";
import { readDxf } from "./drafts/dxf/readDxf.ts";
import { readCurveSvg } from "./drafts/svg/readCurve.ts";
import { readSvg, unitByMark } from "./drafts/svg/readSvg.ts";
import { readElasticChartCsv } from "./elastics/elasticChartCsv.ts";
import { readElasticChartJson } from "./elastics/elasticChartJson.ts";
import { readJobDocument } from "./job/jobDocument.ts";
import { readWearerDocument } from "./job/wearerDocument.ts";
import { readJson } from "./json.ts";
import { again, growthOf, STEEPEST } from "./testing/growth.ts";

const SVG = '<svg xmlns="http://www.w3.org/2000/svg" width="200mm" viewBox="0 0 200 100">';
const inSvg = (part: Parameters<typeof again>[0], before = "", after = "") =>
  again(part, SVG + before, `${after}<rect width="5" height="5"/></svg>`);
const blanks = again(" ");

/** Files that were found to be the worst of their kind, or could be: much of one thing, blanks without end, things that never close. */
const SVGS: Readonly<Record<string, (signs: number) => string>> = {
  "nameless outlines": inSvg('<rect width="5" height="5"/>'),
  "outlines of one name": inSvg('<g id="a"><rect width="5" height="5"/></g>'),
  "one outline of many lines": inSvg((at) => `L ${at} ${at % 7} `, '<path d="M 0 0 ', 'Z"/>'),
  "one outline of arcs": inSvg((at) => `A 5 5 0 0 1 ${at} ${at % 7} `, '<path d="M 0 0 ', 'Z"/>'),
  "a path without its end": inSvg((at) => `L ${at} ${at % 7} `, '<path d="M 0 0 '),
  "groups in one another": (signs) =>
    `${SVG + '<g transform="rotate(1)">'.repeat(signs / 28)}<rect width="5" height="5"/>${"</g>".repeat(signs / 28)}`,
  "sixty levels of transforms": inSvg(
    '<rect width="5" height="5"/>',
    '<g transform="rotate(1)">'.repeat(55),
    "</g>".repeat(55),
  ),
  "a transform of blanks": (signs) => `${SVG}<rect transform="rotate(1${blanks(signs)}2)" width="5" height="5"/></svg>`,
  "a transform that does not end": inSvg("rotate(", '<rect transform="', '"/>'),
  "a transform of many": inSvg("rotate(1) ", '<rect transform="', '" width="5" height="5"/>'),
  "an address of blanks": (signs) => `${SVG}<a href=${blanks(signs)}</svg>`,
  "an address of quoted blanks": (signs) => `${SVG}<a href = "${blanks(signs)}#"/></svg>`,
  addresses: inSvg('href="  '),
  urls: inSvg("url(  "),
  "tags that do not begin": inSvg("< "),
  "tags without a name": (signs) => `${SVG}<${blanks(signs)}`,
  handlers: inSvg(" on"),
  "one long word": inSvg("on", " "),
  "a plain passage": inSvg("a > b ", "<![CDATA[", "]]>"),
  "plain passages": inSvg("<![CDATA[a]]>"),
  comments: inSvg("<!-- a -->"),
  "a comment without its end": inSvg("<!-", "<!--"),
  attributes: inSvg((at) => `a${at}="1" `, "<rect ", "/>"),
  "open lines": inSvg('<path d="M 0 0 L 9 9"/>'),
  "a group of ours": inSvg('<path d="M 0 0 L 9 9"/>', '<g id="a"><g class="cut">', "</g></g>"),
};

const dxf = (inside: (signs: number) => string) => (signs: number) =>
  `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nBLOCKS\n${inside(signs)}0\nENDSEC\n0\nEOF\n`;
const line = "0\nVERTEX\n8\n1\n10\n1.5\n20\n2.5\n30\n0\n";
const DXFS: Readonly<Record<string, (signs: number) => string>> = {
  blocks: dxf(again((at) => `0\nBLOCK\n8\n1\n2\nb${at}\n10\n0\n20\n0\n0\nENDBLK\n8\n1\n`)),
  "one line of many places": dxf(
    again(
      line,
      "0\nBLOCK\n8\n1\n2\nb\n10\n0\n20\n0\n0\nPOLYLINE\n8\n1\n66\n1\n70\n1\n",
      "0\nSEQEND\n0\nENDBLK\n8\n1\n",
    ),
  ),
  "a line without its end": dxf(again(line, "0\nBLOCK\n8\n1\n2\nb\n10\n0\n20\n0\n0\nPOLYLINE\n8\n1\n66\n1\n70\n1\n")),
  "blank lines": again("\n"),
  numbers: again("0\n"),
  texts: dxf(
    again(
      "0\nTEXT\n8\n15\n1\nannotation: a\n10\n1\n20\n1\n",
      "0\nBLOCK\n8\n1\n2\nb\n10\n0\n20\n0\n",
      "0\nENDBLK\n8\n1\n",
    ),
  ),
};

const head = ROW_COLUMNS.join(",");
const rowOf = (sheet: unknown, measure: string, take: string, more = "") =>
  `${ROW_COLUMNS.map((name) => ({ sheet, taken_on: "2026-11-01", unit: "cm", tape: "snug", measure, side: "single", take_1: take, not_taken: more })[name as "sheet"] ?? "").join(",")}\n`;
const CSVS: Readonly<Record<string, (signs: number) => string>> = {
  "rows of one sheet": again(rowOf(1, "waistGirth", "70"), `${head}\n`),
  "a sheet a row": again((at) => rowOf(at, "waistGirth", "70"), `${head}\n`),
  "sides of every name": again((at) => rowOf(1, "waistGirth", "", "no").replace("single", `s${at}`), `${head}\n`),
  columns: (signs) =>
    HEAD.map((name) => again(",2026-11-01", name === "taken_on" ? name : name)(signs / HEAD.length))
      .join("\n")
      .replace(/^/, "row\n"),
  "a cell of blanks": (signs) =>
    `row,1\n${HEAD.map((name) => `${name},2026-11-01`).join("\n")}\nwaistGirth,7${blanks(signs)}0`,
  quotes: again('"', head),
  "quotes and blanks": again('" ', head),
  "quotes and commas": again('",', head),
  "a quote in each row": again('"a,b\n', `${head}\n`),
  commas: again(",", head),
  lines: again("\n", head),
  "kinds of line ends": again("\r\n\r", head),
};

const JSONS: Readonly<Record<string, (signs: number) => string>> = {
  keys: (signs) => `{${again((at) => `"k${at}":0,`)(signs)}"z":0}`,
  "lists in one another": again("["),
  texts: (signs) => `[${again('"a",')(signs)}"z"]`,
  "a text of escapes": (signs) => `["${again('\\\\\\"')(signs)}"]`,
  quotes: again('"'),
  "a text without its end": again("\\\\", '["'),
};

type Reader = (text: string) => unknown;

const grows = (kind: string, readers: Readonly<Record<string, Reader>>, worst: typeof SVGS) =>
  describe(`${kind}: ten times as much takes about ten times as long`, () => {
    for (const [name, read] of Object.entries(readers))
      it.each(Object.entries(worst))(`${name} of %s`, (_what, text) =>
        expect(growthOf(text, read)).toBeLessThan(STEEPEST),
      );
  });

grows("svg", { pieces: (text) => readSvg(text), curve: (text) => readCurveSvg(text), mark: unitByMark }, SVGS);
grows("dxf", { pieces: (text) => readDxf(text) }, DXFS);
grows(
  "csv",
  {
    sheets: (text) => readSheetsCsv(text, "2026-12-01"),
    sizes: (text) => readChartCsv(text, { bareKind: "body", unit: "cm" }),
    elastics: (text) => readElasticChartCsv(text, "cm"),
  },
  CSVS,
);
const ofJson = (read: (value: unknown) => unknown) => (text: string) => {
  const json = readJson(text, Number.POSITIVE_INFINITY);
  return json.ok ? read(json.value) : json;
};
grows(
  "json",
  {
    any: (text) => readJson(text),
    "a job": ofJson(readJobDocument),
    "a wearer": ofJson(readWearerDocument),
    sheets: ofJson((value) => readSheetsDocument(value, "2026-12-01")),
    "a draft": readDraftFile,
    elastics: readElasticChartJson,
  },
  JSONS,
);
grows(
  "typed",
  { "a curve": readCurveText, edges: readEdgeLengths, "lines across": readDiagonals },
  {
    blanks: blanks,
    numbers: again("1 "),
    "numbers in lines": again("1 2\n"),
    "one number": again("1"),
    "one place": again(" ", "1", "2"),
  },
);
