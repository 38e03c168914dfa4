import { type Static, Type } from "typebox";
import { CHART_MEASURES, type SizeChart } from "../../core/ease/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { validator } from "../validation.ts";
import { MOST_SIZES } from "./chartCsv.ts";

const girthMm = () => Type.Number({ minimum: 200, maximum: 2500 });

const girths = (description: string) =>
  Type.Object(Object.fromEntries(CHART_MEASURES.map((zone) => [zone, Type.Optional(girthMm())])), {
    description,
    additionalProperties: false,
  });

/** JSON file of a size chart; published as docs/formats/sizeChart.schema.json. All girths in millimetres. */
export const chartDocumentSchema = Type.Object(
  {
    format: Type.Literal("stenz.sizeChart"),
    version: Type.Literal(1),
    name: Type.String({ minLength: 1, maxLength: 120 }),
    notes: Type.Optional(Type.String({ maxLength: 4000 })),
    ease: Type.Enum(["stretch", "loose"], {
      description: "What the pattern is drawn for: worn smaller than the body, or with ease.",
    }),
    ownReduction: Type.Optional(
      Type.Number({
        minimum: -0.5,
        maximum: 0.5,
        description: "How much smaller than its body the pattern is drawn, as a ratio, where its maker states it.",
      }),
    ),
    sizes: Type.Array(
      Type.Object(
        {
          name: Type.String({ minLength: 1, maxLength: 40 }),
          body: girths("Body the size is drawn for, mm."),
          finished: girths("Garment as finished, all round, mm."),
        },
        { additionalProperties: false },
      ),
      { minItems: 1, maxItems: MOST_SIZES, description: "From the smallest to the largest." },
    ),
  },
  { additionalProperties: false, $id: "stenz.sizeChart.1" },
);

/** A chart as its file holds it. */
export type ChartDocument = Static<typeof chartDocumentSchema>;

const validate = validator(chartDocumentSchema);

/** A chart without what only this workshop knows of it. */
export type ImportedChart = Omit<SizeChart, "id" | "version">;

/** Reads a chart's JSON document. Problems: `invalid-input` with where it is wrong, `size-twice`. */
export function readChartDocument(document: unknown): Result<ImportedChart> {
  const valid = validate(document);
  if (!valid.ok) return valid;
  const { name, notes = "", ease, ownReduction = null, sizes } = valid.value;
  const twice = sizes.find((size, at) => sizes.slice(0, at).some((other) => other.name === size.name));
  if (twice) return fail("size-twice", `Expected each size once, but “${twice.name}” comes again.`);
  return ok({ name, notes, ease: ease as SizeChart["ease"], ownReduction, sizes: sizes as SizeChart["sizes"] });
}

/** Writes a chart as its JSON document. */
export const chartDocument = ({ name, notes, ease, ownReduction, sizes }: ImportedChart): ChartDocument => ({
  format: "stenz.sizeChart",
  version: 1,
  name,
  notes,
  ease,
  ...(ownReduction === null ? {} : { ownReduction }),
  sizes: sizes.map(({ name: size, body, finished }) => ({ name: size, body: { ...body }, finished: { ...finished } })),
});
