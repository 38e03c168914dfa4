import { CHART_MEASURE_NAMES, type ChartKind, chartDoubts, turnedOver } from "../../../core/ease/index.ts";
import { readChartCsv } from "../../../formats/charts/chartCsv.ts";
import { type ImportedChart, readChartDocument } from "../../../formats/charts/chartDocument.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, type FormRead, group, line, orNull } from "../../../formats/form/index.ts";
import { readJson } from "../../../formats/json.ts";
import type { FieldErrors } from "../../../formats/validation.ts";
import { unitOf } from "../../form/formUnit.ts";
import type { Fields } from "../../form/unsaved.ts";
import { readChartHead } from "../chartForm.server.ts";
import { doubtSentence } from "../chartWords.ts";

/** Longest file that is read, characters. */
const LONGEST = 40_000;

const readTyped = formReader(
  group({
    text: line("a file or pasted text", LONGEST),
    bareKind: orNull(choice("a kind of girth", ["body", "finished"])),
    sides: orNull(choice("which way round", ["over", "asHeaded"])),
  }),
);

type Read = FormRead<ImportedChart>;

const refused = (errors: FieldErrors): Read => ({ ok: false, errors });

/**
 * Reads a chart from a file's text, JSON or CSV. Where a column does not say its kind, or body and finished look
 * changed over, the answer is a question beside a field, never a guess: `bareKind` and `sides`.
 */
export function importChart(fields: Fields): Read {
  const form = readTyped(fields);
  if (!form.ok) return form;
  const { text, bareKind, sides } = form.value;
  const read = text.startsWith("{") ? readDocument(text) : readCsv(text, fields, bareKind);
  return read.ok ? settleSides(read.value, sides) : read;
}

function readDocument(text: string): Read {
  const json = readJson(text);
  const read = json.ok ? readChartDocument(json.value) : json;
  return read.ok ? read : refused({ text: read.problem.message });
}

function readCsv(text: string, fields: Fields, bareKind: ChartKind | null): Read {
  const head = readChartHead(fields);
  if (!head.ok) return head;
  const read = readChartCsv(text, { bareKind, unit: unitOf(fields) });
  if (!read.ok) return refused({ text: read.problem.message });
  if (read.value.unkinded.length > 0 && bareKind === null) {
    const zones = read.value.unkinded.map((zone) => CHART_MEASURE_NAMES[zone].toLowerCase()).join(", ");
    return refused({ bareKind: `Headed without a kind: ${zones}. Are they body or finished girths?` });
  }
  return { ok: true, value: { ...head.value, sizes: read.value.sizes } };
}

function settleSides(chart: ImportedChart, sides: "over" | "asHeaded" | null): Read {
  if (sides === "over") return { ok: true, value: turnedOver(chart) };
  const [doubt] = chartDoubts(chart);
  return doubt && sides !== "asHeaded" ? refused({ sides: doubtSentence(doubt) }) : { ok: true, value: chart };
}
