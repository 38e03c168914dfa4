import {
  CHART_MEASURE_NAMES,
  CHART_MEASURES,
  type ChartKind,
  type ChartMeasure,
  type ChartSize,
  isChartMeasure,
  type SizeChart,
} from "../../core/ease/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { type LengthUnit, parseLength } from "../../core/units/index.ts";
import { readCsvRows, writeCsv } from "../csv.ts";

/** A column of a chart: what it says of which zone. */
export interface ChartColumn {
  readonly zone: ChartMeasure;
  /** Null where its heading does not say. */
  readonly kind: ChartKind | null;
  /** Unit its heading names; null where it does not. */
  readonly unit: LengthUnit | "mm" | null;
}

/** What a CSV file of a size chart holds. */
export interface ReadChartCsv {
  readonly sizes: readonly ChartSize[];
  /** Zones whose column is headed without a kind: to be asked about, never guessed. */
  readonly unkinded: readonly ChartMeasure[];
}

/** How bare columns and bare numbers are taken, where the file does not say. */
export interface ChartCsvOptions {
  /** Kind of the columns headed without one; null to have them reported. */
  readonly bareKind: ChartKind | null;
  readonly unit: LengthUnit;
}

/** Most sizes in a chart. */
export const MOST_SIZES = 60;

/** Most lines of its file, empty ones among them. */
const MOST_LINES = 500;

/** Girths a chart may state, mm. */
const RANGE_MM = [200, 2500] as const;

/**
 * Reads a size chart: a heading, then a row a size from the smallest to the largest. The first column is the size; each
 * other one is headed by its kind and its zone, `body waist` or `finished waist`, and may name its unit, `body waist cm`.
 * An empty cell is a number that the chart does not state.
 *
 * Problems name the line: `no-heading`, `column-unknown`, `column-twice`, `no-size`, `size-unnamed`, `size-twice`,
 * `girth-unreadable`, `too-many-sizes`. With columns of no kind and none given, sizes are empty and the zones listed.
 */
export function readChartCsv(text: string, options: ChartCsvOptions): Result<ReadChartCsv> {
  const read = readCsvRows(text, MOST_LINES);
  if (!read.ok) return read;
  const [heading, ...body] = read.value.rows;
  if (!heading || heading.length < 2)
    return fail(
      "no-heading",
      "Line 1: expected a heading such as “size;body waist;finished waist”, but there is none.",
    );
  const columns = readHeading(heading.slice(1));
  if (!columns.ok) return columns;
  const unkinded = columns.value.filter(({ kind }) => kind === null).map(({ zone }) => zone);
  if (unkinded.length > 0 && options.bareKind === null) return ok({ sizes: [], unkinded });
  const kinded = columns.value.map((column) => ({ ...column, kind: column.kind ?? (options.bareKind as ChartKind) }));
  const twice = kinded.find((column, at) =>
    kinded.slice(0, at).some((other) => other.zone === column.zone && other.kind === column.kind),
  );
  if (twice)
    return fail("column-twice", `Line 1: expected each column once, but “${twice.kind} ${twice.zone}” comes again.`);
  const sizes = readSizes(body, kinded, options.unit);
  return sizes.ok ? ok({ sizes: sizes.value, unkinded }) : sizes;
}

function readHeading(titles: readonly string[]): Result<ChartColumn[]> {
  const columns: ChartColumn[] = [];
  for (const title of titles) {
    const column = columnOf(title);
    if (!column) {
      return fail(
        "column-unknown",
        `Line 1: expected a kind (body or finished) and a zone (${CHART_MEASURES.map((zone) => CHART_MEASURE_NAMES[zone].toLowerCase()).join(", ")}), but got “${title.trim().slice(0, 40)}”.`,
      );
    }
    columns.push(column);
  }
  return ok(columns);
}

/** Reads a heading such as `body high hip (cm)`; null where it names nothing a chart states. */
export function columnOf(title: string): ChartColumn | null {
  const words = title
    .toLowerCase()
    .replace(/[()[\],:_-]/g, " ")
    .trim()
    .split(/\s+/);
  const kind = words.includes("body") ? "body" : words.includes("finished") ? "finished" : null;
  const unit = (["cm", "mm", "in"] as const).find((known) => words.includes(known)) ?? null;
  const rest = words.filter((word) => !["body", "finished", "cm", "mm", "in", "girth"].includes(word)).join("");
  const zone = rest === "highhip" ? "highHip" : rest === "trunkloop" ? "trunkLoop" : rest;
  return isChartMeasure(zone) ? { zone, kind, unit } : null;
}

type KindedColumn = ChartColumn & { readonly kind: ChartKind };

function readSizes(
  rows: readonly (readonly string[])[],
  columns: readonly KindedColumn[],
  unit: LengthUnit,
): Result<ChartSize[]> {
  if (rows.length === 0) return fail("no-size", "Expected a row for each size below the heading, but there is none.");
  if (rows.length > MOST_SIZES)
    return fail("too-many-sizes", `Expected at most ${MOST_SIZES} sizes, but there are ${rows.length}.`);
  const sizes: ChartSize[] = [];
  for (const [index, [name = "", ...cells]] of rows.entries()) {
    const line = `Line ${index + 2}`;
    const sizeName = name.trim();
    if (sizeName === "") return fail("size-unnamed", `${line}: expected the name of a size first, but it is empty.`);
    if (sizes.some((size) => size.name === sizeName))
      return fail("size-twice", `${line}: expected each size once, but “${sizeName.slice(0, 40)}” comes again.`);
    const read = readCells(cells, columns, { unit, line });
    if (!read.ok) return read;
    sizes.push({ name: sizeName.slice(0, 40), ...read.value });
  }
  return ok(sizes);
}

function readCells(
  cells: readonly string[],
  columns: readonly KindedColumn[],
  { unit, line }: { unit: LengthUnit; line: string },
): Result<Pick<ChartSize, "body" | "finished">> {
  const read: Record<ChartKind, Partial<Record<ChartMeasure, number>>> = { body: {}, finished: {} };
  for (const [index, column] of columns.entries()) {
    const text = (cells[index] ?? "").trim();
    if (text === "") continue;
    const girth = readGirth(text, column.unit ?? unit);
    const at = `${line}, ${column.kind} ${column.zone}`;
    if (!girth.ok) return fail("girth-unreadable", `${at}: ${girth.problem.message}`);
    read[column.kind][column.zone] = girth.value;
  }
  return ok(read);
}

/** Reads one girth of a chart; a bare number is in the given unit. Problem: `girth-unreadable`. */
export function readGirth(text: string, unit: LengthUnit | "mm"): Result<number> {
  const bare = /^[\d.,]+$/.test(text);
  const parsed = parseLength(bare && unit === "mm" ? `${text} mm` : text, unit === "mm" ? "cm" : unit);
  if (!parsed.ok) return fail("girth-unreadable", parsed.problem.message);
  const [least, most] = RANGE_MM;
  return parsed.value >= least && parsed.value <= most
    ? parsed
    : fail("girth-unreadable", `Expected a girth of ${least / 10} to ${most / 10} cm, but got “${text.slice(0, 30)}”.`);
}

/** Writes a chart as CSV in millimetres, so that nothing is rounded; read back it is the same. */
export function chartToCsv({ sizes }: Pick<SizeChart, "sizes">): string {
  const columns = (["body", "finished"] as const).flatMap((kind) =>
    CHART_MEASURES.filter((zone) => sizes.some((size) => size[kind][zone] !== undefined)).map((zone) => ({
      kind,
      zone,
    })),
  );
  const rows = sizes.map((size) => [size.name, ...columns.map(({ kind, zone }) => size[kind][zone] ?? "")]);
  const heading = ["size", ...columns.map(({ kind, zone }) => `${kind} ${CHART_MEASURE_NAMES[zone].toLowerCase()} mm`)];
  return writeCsv([heading, ...rows], { delimiter: ";", newline: "\n" });
}
