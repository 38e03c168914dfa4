import {
  CHART_MEASURES,
  type ChartMeasure,
  chartDoubts,
  chartJumps,
  jumpWords,
  type SizeChart,
} from "../../core/ease/index.ts";
import { formatLengthWithUnit } from "../../core/units/index.ts";
import { readGirth } from "../../formats/charts/chartCsv.ts";
import { formReader } from "../../formats/form/formReader.ts";
import {
  choice,
  each,
  type FormRead,
  type FormSchema,
  group,
  line,
  listOf,
  type Messages,
  notes,
  orNull,
  percent,
  tick,
  unless,
} from "../../formats/form/index.ts";
import { unitOf } from "../form/formUnit.ts";
import type { Fields } from "../form/unsaved.ts";
import { MOST_ROWS } from "./chartFields.ts";
import { doubtSentence } from "./chartWords.ts";

/** Longest name of a size. */
const LONGEST_SIZE = 40;

const head = {
  name: line("a name for the chart"),
  notes: notes(),
  ease: choice("what it is drawn for", ["stretch", "loose"]),
  ownReduction: orNull(percent({ what: "a reduction in per cent", least: -50, most: 50 })),
};

const girth = (_: ChartMeasure): FormSchema<number> => ({
  type: "number",
  title: "a girth",
  reads: (text, { unit }) => readGirth(text, unit),
});

const girths = each(CHART_MEASURES, girth);

const readTyped = formReader(
  group({
    ...head,
    sizes: listOf(group({ name: line("the name of the size", LONGEST_SIZE), body: girths, finished: girths }), {
      rowBy: ["name", "body", "finished"],
      least: 1,
      most: MOST_ROWS,
      title: "size",
    }),
    sure: tick(),
  }),
);

/** Reads name, notes, what the pattern is drawn for and its own reduction (per cent, may be empty). */
export const readChartHead = formReader(group(head));

/**
 * Reads a chart typed into its table. A chart that looks as if its columns were of the other kind must be said to be
 * right (`sure`), and so must one of which a girth jumps out of its column.
 */
export function readChart(fields: Fields): FormRead<Omit<SizeChart, "id" | "version">> {
  const read = readTyped(fields);
  if (!read.ok) return read;
  const { sure, ...value } = read.value;
  const [doubt] = chartDoubts(value);
  const jumps = chartJumps(value).map((jump) => [
    read.nameOf(`/sizes/${jump.row}/${jump.kind}/${jump.measure}`),
    jumpWords(jump, (mm) => formatLengthWithUnit(mm, unitOf(fields))),
  ]);
  const asked: Messages = sure
    ? {}
    : {
        ...(doubt ? { form: doubtSentence(doubt) } : {}),
        ...Object.fromEntries(jumps),
        ...(doubt || jumps.length > 0 ? { sure: "ask" } : {}),
      };
  const twice = value.sizes.flatMap(({ name }, row) =>
    value.sizes.findIndex((one) => one.name === name) < row
      ? [[read.nameOf(`/sizes/${row}/name`), `Expected each size once, but “${name}” comes again.`]]
      : [],
  );
  return unless({ ...Object.fromEntries(twice), ...asked }, () => value);
}
