import {
  CHART_MEASURES,
  type ChartKind,
  type ChartMeasure,
  type ChartSize,
  chartDoubts,
  type SizeChart,
} from "../../core/ease/index.ts";
import { readGirth } from "../../formats/charts/chartCsv.ts";
import { type FieldErrors, formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, notes } from "../form/fields.server.ts";
import { readNumberField } from "../form/numberField.ts";
import type { Fields } from "../form/unsaved.ts";
import { girthField, MOST_ROWS, sizeField } from "./chartFields.ts";
import { doubtSentence } from "./chartWords.ts";

const validateHead = formValidator(
  formOf({
    name: line("a name for the chart"),
    notes: notes(),
    ease: choice("what it is drawn for", ["stretch", "loose"]),
  }),
);

/** What a chart's form says beside its sizes. */
export type ChartHead = Pick<SizeChart, "name" | "notes" | "ease" | "ownReduction">;

type ReadHead = { readonly ok: true; readonly value: ChartHead } | { readonly ok: false; readonly errors: FieldErrors };

/** Reads name, notes, what the pattern is drawn for and its own reduction (per cent, may be empty). */
export function readChartHead(fields: Fields): ReadHead {
  const valid = validateHead(fields);
  const text = (fields.ownReduction ?? "").trim();
  const own =
    text === "" ? { value: null } : readNumberField(text, { what: "a reduction in per cent", least: -50, most: 50 });
  const errors: Record<string, string> = {
    ...(valid.ok ? {} : valid.errors),
    ...("error" in own ? { ownReduction: own.error } : {}),
  };
  if (!valid.ok || "error" in own) return { ok: false, errors };
  const { name, notes: noted = "", ease } = valid.value;
  return {
    ok: true,
    value: {
      name,
      notes: noted,
      ease: ease as SizeChart["ease"],
      ownReduction: own.value === null ? null : own.value / 100,
    },
  };
}

type ReadChart =
  | { readonly ok: true; readonly value: Omit<SizeChart, "id" | "version"> }
  | { readonly ok: false; readonly errors: FieldErrors };

/**
 * Reads a chart typed into its table. Rows without a name and without a number are left out. A chart that looks as if
 * its columns were of the other kind must be said to be right (`sure`).
 */
export function readChart(fields: Fields): ReadChart {
  const head = readChartHead(fields);
  const errors: Record<string, string> = head.ok ? {} : { ...head.errors };
  const unit = fields.unit === "in" || fields.unit === "mm" ? fields.unit : "cm";
  const sizes: ChartSize[] = [];
  for (let row = 0; row < MOST_ROWS; row += 1) {
    const size = readRow(fields, row, { unit, errors });
    if (!size) continue;
    if (size.name === "") errors[sizeField(row)] = "Expected the name of the size, but the field is empty.";
    else if (sizes.some(({ name }) => name === size.name))
      errors[sizeField(row)] = `Expected each size once, but “${size.name}” comes again.`;
    sizes.push(size);
  }
  if (sizes.length === 0) errors[sizeField(0)] ??= "Expected at least one size, but there is none.";
  if (!head.ok || Object.keys(errors).length > 0) return { ok: false, errors };
  const value = { ...head.value, sizes };
  const [doubt] = chartDoubts(value);
  if (doubt && fields.sure !== "yes") return { ok: false, errors: { form: doubtSentence(doubt), sure: "ask" } };
  return { ok: true, value };
}

function readRow(
  fields: Fields,
  row: number,
  { unit, errors }: { unit: "cm" | "in" | "mm"; errors: Record<string, string> },
): ChartSize | null {
  const read: Record<ChartKind, Partial<Record<ChartMeasure, number>>> = { body: {}, finished: {} };
  let filled = false;
  for (const kind of ["body", "finished"] as const) {
    for (const zone of CHART_MEASURES) {
      const name = girthField(row, kind, zone);
      const text = (fields[name] ?? "").trim();
      if (text === "") continue;
      filled = true;
      const girth = readGirth(text, unit);
      if (girth.ok) read[kind][zone] = girth.value;
      else errors[name] = girth.problem.message;
    }
  }
  const name = (fields[sizeField(row)] ?? "").trim().slice(0, 40);
  return filled || name !== "" ? { name, ...read } : null;
}
