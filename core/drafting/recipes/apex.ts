import { type MeasureCode, nameOf } from "../../body/index.ts";
import { term } from "../../explain/index.ts";
import type { DraftNumber } from "../draft.ts";
import { point } from "../geometry/index.ts";
import type { DrillPoint } from "../piece/index.ts";
import { lengthNumber } from "./drawn.ts";
import type { Given } from "./facts.ts";
import type { Need } from "./recipe.ts";

/** What a recipe asks of the body to mark the apex on its front. */
export const APEX_MEASURES: readonly Need<MeasureCode>[] = [
  { id: "apex_span", needed: false, why: "half of it places the apex: where darts turn" },
];

/** The lengths that say how high the apex lies. */
export const APEX_LENGTHS: readonly Need<MeasureCode>[] = [
  { id: "front_waist", needed: false, why: "with the one below, the height of the apex over the waist" },
  { id: "shoulder_to_apex", needed: false, why: "the height of the apex" },
];

/** The apex as it is marked on a front; nothing where a measure of it is missing. */
export interface MarkedApex {
  readonly points: readonly DrillPoint[];
  readonly numbers: readonly DraftNumber[];
  readonly notes: readonly string[];
}

/**
 * Where a breast is fullest, on the front: half the span from the centre, drawn in as the bust is, and below the shoulder by its length as
 * cut.
 * @param waistY where the waist lies at the centre of the piece, mm; the pieces' own y.
 */
export function markedApex(given: Given, waistY: number): MarkedApex {
  const [span, body] = [given.measure("apex_span"), given.measure("bust")];
  const lacks: MeasureCode[] = [
    ...(span === null ? (["apex_span"] as const) : []),
    ...(["front_waist", "shoulder_to_apex"] as const).filter((code) => !given.hasCut(code)),
  ];
  if (span === null || lacks.length > 0)
    return {
      points: [],
      numbers: [],
      notes: [
        `The apex is not marked: ${lacks.map((code) => nameOf(code, "single").toLowerCase()).join(", ")} would say where it lies. It can be placed by its drop at a fitting.`,
      ],
    };
  const planned = given.girth("bust");
  const strain = body === null ? 1 : planned / body;
  const x = (span / 2) * strain;
  const above = given.cut("front_waist") - given.cut("shoulder_to_apex");
  const length = term("garment", "length");
  const measured = term("body", "length")("s", "apex to apex", span, "sheet of the body");
  return {
    points: [{ id: "apex", at: point(x, waistY - above) }],
    numbers: [
      lengthNumber("apex.fromCentre", "Apex from the centre front", {
        formula: body === null ? "x = s / 2" : "x = s / 2 · G / B",
        terms:
          body === null
            ? [measured]
            : [
                measured,
                length("G", "planned girth, bust", planned, "ease plan"),
                term("body", "length")("B", "body, bust", body, "sheet of the body"),
              ],
        value: x,
        notes: ["The cloth is stretched round the bust: half the span is drawn in as the girth is."],
      }),
      lengthNumber("apex.aboveWaist", "Apex above the waist", {
        formula: "h = F − A",
        terms: [
          length("F", "front waist length as cut", given.cut("front_waist"), "length of the plan"),
          length("A", "shoulder to apex as cut", given.cut("shoulder_to_apex"), "length of the plan"),
        ],
        value: above,
      }),
    ],
    notes: [],
  };
}
