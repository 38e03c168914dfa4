import { CHART_MEASURE_NAMES, type ChartKind, chartDoubts, turnedOver } from "../../../core/ease/index.ts";
import { readChartCsv } from "../../../formats/charts/chartCsv.ts";
import { type ImportedChart, readChartDocument } from "../../../formats/charts/chartDocument.ts";
import { readJson } from "../../../formats/json.ts";
import type { FieldErrors } from "../../../formats/validation.ts";
import { unitOf } from "../../form/formUnit.ts";
import type { Fields } from "../../form/unsaved.ts";
import { readChartHead } from "../chartForm.server.ts";
import { doubtSentence } from "../chartWords.ts";

/** Longest file that is read, characters. */
const LONGEST = 40_000;

type Read = { readonly ok: true; readonly value: ImportedChart } | { readonly ok: false; readonly errors: FieldErrors };

const refused = (errors: FieldErrors): Read => ({ ok: false, errors });

/**
 * Reads a chart from a file's text, JSON or CSV. Where a column does not say its kind, or body and finished look
 * changed over, the answer is a question beside a field, never a guess: `bareKind` and `sides`.
 */
export function importChart(fields: Fields): Read {
  const text = fields.text ?? "";
  if (text.trim() === "") return refused({ text: "Expected a file or pasted text, but there is none." });
  if (text.length > LONGEST)
    return refused({ text: `Expected up to ${LONGEST} characters, but there are ${text.length}.` });
  const read = /^\s*\{/.test(text) ? readDocument(text) : readCsv(text, fields);
  return read.ok ? settleSides(read.value, fields) : read;
}

function readDocument(text: string): Read {
  const json = readJson(text);
  const read = json.ok ? readChartDocument(json.value) : json;
  return read.ok ? read : refused({ text: read.problem.message });
}

function readCsv(text: string, fields: Fields): Read {
  const head = readChartHead(fields);
  if (!head.ok) return head;
  const bareKind: ChartKind | null =
    fields.bareKind === "body" || fields.bareKind === "finished" ? fields.bareKind : null;
  const read = readChartCsv(text, { bareKind, unit: unitOf(fields) });
  if (!read.ok) return refused({ text: read.problem.message });
  if (read.value.unkinded.length > 0 && bareKind === null) {
    const zones = read.value.unkinded.map((zone) => CHART_MEASURE_NAMES[zone].toLowerCase()).join(", ");
    return refused({ bareKind: `Headed without a kind: ${zones}. Are they body or finished girths?` });
  }
  return { ok: true, value: { ...head.value, sizes: read.value.sizes } };
}

function settleSides(chart: ImportedChart, { sides }: Fields): Read {
  if (sides === "over") return { ok: true, value: turnedOver(chart) };
  const [doubt] = chartDoubts(chart);
  return doubt && sides !== "asHeaded" ? refused({ sides: doubtSentence(doubt) }) : { ok: true, value: chart };
}
