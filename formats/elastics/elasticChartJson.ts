import { Type } from "typebox";
import { type ChartRow, MOST_CHART_ROWS } from "../../core/elastics/index.ts";
import { ELASTIC_EDGES, OWN_EDGE } from "../../core/pieces/index.ts";
import type { Result } from "../../core/result.ts";
import { readJson } from "../json.ts";
import { validator } from "../validation.ts";

const orNull = (most: number) => Type.Union([Type.Number({ exclusiveMinimum: 0, maximum: most }), Type.Null()]);

/** A pattern's chart of elastics as a file: lengths in mm. */
export const ELASTIC_CHART_JSON = Type.Object(
  {
    format: Type.Literal("stenz elastic chart"),
    version: Type.Literal(1),
    rows: Type.Array(
      Type.Object(
        {
          size: Type.String({ minLength: 1, maxLength: 30 }),
          at: Type.Enum([...ELASTIC_EDGES.map(({ id }) => id), OWN_EDGE]),
          name: Type.String({ maxLength: 60 }),
          count: Type.Union([Type.Integer({ minimum: 1, maximum: 8 }), Type.Null()]),
          widthMm: orNull(150),
          lengthMm: orNull(3000),
        },
        { additionalProperties: false },
      ),
      { minItems: 1, maxItems: MOST_CHART_ROWS },
    ),
  },
  { additionalProperties: false },
);

const read = validator(ELASTIC_CHART_JSON);

/** Reads a chart of elastics from JSON. @returns what {@link readJson} says, or what of its schema does not hold. */
export function readElasticChartJson(text: string): Result<ChartRow[]> {
  const json = readJson(text);
  if (!json.ok) return json;
  const checked = read(json.value);
  return checked.ok ? { ok: true, value: checked.value.rows as ChartRow[] } : checked;
}

/** Writes a chart of elastics as JSON. */
export const writeElasticChartJson = (rows: readonly ChartRow[]): string =>
  `${JSON.stringify({ format: "stenz elastic chart", version: 1, rows }, null, 1)}\n`;
