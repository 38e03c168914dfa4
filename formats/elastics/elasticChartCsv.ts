import { type ChartRow, MOST_CHART_ROWS } from "../../core/elastics/index.ts";
import { ELASTIC_EDGES, elasticEdgeOf, OWN_EDGE } from "../../core/pieces/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { type LengthUnit, parseLength } from "../../core/units/index.ts";
import { readCsvRows, writeCsv } from "../csv.ts";

/** Columns of a chart of elastics; those of lengths may name their unit, `length cm`. */
const COLUMNS = ["size", "edge", "count", "width", "length"] as const;
type Column = (typeof COLUMNS)[number];

/** Most lines of its file, empty ones among them. */
const MOST_LINES = 2 * MOST_CHART_ROWS;

/** What must be there. */
const NEEDED: readonly Column[] = ["size", "edge", "length"];

/** Lengths and widths a chart may state, mm; most of one edge. */
const [LONGEST_MM, WIDEST_MM, MOST_COUNT] = [3000, 150, 8];

interface Head {
  readonly column: Column;
  readonly at: number;
  readonly unit: LengthUnit | "mm" | null;
}

/**
 * Reads a pattern's chart of elastics: a heading, then a row for each size and edge. An edge that is none of Stenz' own is one of the
 * pattern, under its name.
 *
 * Problems name the line: `no-heading`, `column-unknown`, `column-twice`, `column-missing`, `no-rows`, `too-many-rows`, `size-unnamed`,
 * `edge-unnamed`, `length-unreadable`, `count-unreadable`, `row-twice`.
 * @param unit of numbers without one, in columns that name none.
 */
export function readElasticChartCsv(text: string, unit: LengthUnit): Result<ChartRow[]> {
  const read = readCsvRows(text, MOST_LINES);
  if (!read.ok) return read;
  const [heading, ...body] = read.value.rows;
  if (!heading)
    return fail("no-heading", "Line 1: expected a heading such as “size;edge;length cm”, but the file is empty.");
  const heads = headsOf(heading);
  if (!heads.ok) return heads;
  if (body.length === 0) return fail("no-rows", "Expected a row for each size and edge, but there is only a heading.");
  if (body.length > MOST_CHART_ROWS)
    return fail("too-many-rows", `Expected at most ${MOST_CHART_ROWS} rows, but the file has ${body.length}.`);
  const rows: ChartRow[] = [];
  for (const [at, cells] of body.entries()) {
    const row = rowOf(cells, heads.value, unit, at + 2);
    if (!row.ok) return row;
    const twice = rows.some((one) => keyOf(one) === keyOf(row.value));
    if (twice)
      return fail("row-twice", `Line ${at + 2}: expected each edge once a size, but ${row.value.size} has it before.`);
    rows.push(row.value);
  }
  return ok(rows);
}

const keyOf = ({ size, at, name }: ChartRow): string => [size, at, name].join("/").toLowerCase();

function headsOf(heading: readonly string[]): Result<Head[]> {
  const heads: Head[] = [];
  for (const [at, cell] of heading.entries()) {
    const [word = "", unit] = cell.trim().toLowerCase().split(/\s+/);
    const column = COLUMNS.find((one) => one === word);
    if (!column || (unit !== undefined && unit !== "mm" && unit !== "cm" && unit !== "in"))
      return fail(
        "column-unknown",
        `Line 1: expected columns ${COLUMNS.join(", ")}, but got “${cell.trim().slice(0, 40)}”.`,
      );
    if (heads.some((one) => one.column === column))
      return fail("column-twice", `Line 1: expected each column once, but “${column}” is there twice.`);
    heads.push({ column, at, unit: unit ?? null });
  }
  const missing = NEEDED.find((column) => heads.every((head) => head.column !== column));
  return missing ? fail("column-missing", `Line 1: expected a column “${missing}”, but there is none.`) : ok(heads);
}

function rowOf(cells: readonly string[], heads: readonly Head[], unit: LengthUnit, line: number): Result<ChartRow> {
  const cell = (column: Column): { readonly text: string; readonly unit: LengthUnit | "mm" | null } => {
    const head = heads.find((one) => one.column === column);
    return { text: (head ? cells[head.at] : undefined)?.trim() ?? "", unit: head?.unit ?? null };
  };
  const [size, edge] = [cell("size").text, cell("edge").text];
  if (!size) return fail("size-unnamed", `Line ${line}: expected a size, but the cell is empty.`);
  if (!edge) return fail("edge-unnamed", `Line ${line}: expected an edge, but the cell is empty.`);
  const lengthMm = mmOf(cell("length"), unit, { line, what: "length", mostMm: LONGEST_MM });
  if (!lengthMm.ok) return lengthMm;
  const widthMm = mmOf(cell("width"), "cm", { line, what: "width", mostMm: WIDEST_MM, bare: "mm" });
  if (!widthMm.ok) return widthMm;
  const count = cell("count").text;
  if (count && !(Number.isInteger(Number(count)) && Number(count) >= 1 && Number(count) <= MOST_COUNT))
    return fail(
      "count-unreadable",
      `Line ${line}: expected a count of 1 to ${MOST_COUNT}, but got “${count.slice(0, 40)}”.`,
    );
  const known = ELASTIC_EDGES.find(({ id, name }) => [id.toLowerCase(), name].includes(edge.toLowerCase()));
  return ok({
    ...{ size, at: known?.id ?? OWN_EDGE, name: known ? "" : edge, count: count ? Number(count) : null },
    ...{ widthMm: widthMm.value, lengthMm: lengthMm.value },
  });
}

interface MmAsked {
  readonly line: number;
  readonly what: string;
  readonly mostMm: number;
  /** What a bare number is in, where its column does not say. */
  readonly bare?: "mm";
}

function mmOf(
  { text, unit }: { readonly text: string; readonly unit: LengthUnit | "mm" | null },
  fallback: LengthUnit,
  { line, what, mostMm, bare }: MmAsked,
): Result<number | null> {
  if (text === "") return ok(null);
  const own = unit ?? bare ?? fallback;
  const read = parseLength(/[a-z"]/i.test(text) || own !== "mm" ? text : `${text} mm`, own === "mm" ? "cm" : own);
  return read.ok && read.value > 0 && read.value <= mostMm
    ? ok(read.value)
    : fail(
        "length-unreadable",
        `Line ${line}: expected a ${what} above 0 and up to ${mostMm} mm, but got “${text.slice(0, 40)}”.`,
      );
}

/** Writes a chart of elastics, mm, so that it is read back as it was. */
export const writeElasticChartCsv = (rows: readonly ChartRow[]): string =>
  writeCsv(
    [
      ["size", "edge", "count", "width mm", "length mm"],
      ...rows.map(({ size, at, name, count, widthMm, lengthMm }) => [
        ...[size, at === OWN_EDGE ? name : (elasticEdgeOf(at)?.id ?? at), count ?? ""],
        ...[widthMm ?? "", lengthMm ?? ""],
      ]),
    ],
    { newline: "\r\n" },
  );
