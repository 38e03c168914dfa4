import { Type } from "typebox";
import { CHART_ZONES, type ChartZone, gradeSizes } from "../ease/index.ts";
import { ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm } from "./numbers.ts";

const girths = () =>
  Type.Object(Object.fromEntries(CHART_ZONES.map((zone) => [zone, Type.Optional(lengthMm())])), {
    additionalProperties: false,
  });

type Girths = Readonly<Partial<Record<ChartZone, number>>>;

/** `grade`: sizes of a graded pattern by zone, each alone and together within the step. */
export const gradeKind = computeKind({
  kind: "grade",
  input: Type.Object(
    {
      zones: Type.Array(Type.Enum([...CHART_ZONES]), { minItems: 1, maxItems: CHART_ZONES.length, uniqueItems: true }),
      sizes: Type.Array(
        Type.Object(
          { name: Type.String({ minLength: 1, maxLength: 40 }), body: girths(), finished: Type.Optional(girths()) },
          { additionalProperties: false },
        ),
        { minItems: 1, maxItems: 100 },
      ),
      body: girths(),
      target: girths(),
      maxStep: Type.Integer({ minimum: 0, maximum: 100 }),
    },
    { additionalProperties: false },
  ),
  compute({ zones, sizes, body, target, maxStep }) {
    const graded = gradeSizes({
      zones: zones as ChartZone[],
      sizes: sizes.map(({ name, body: drawnFor, finished = {} }) => ({
        name,
        body: drawnFor as Girths,
        finished: finished as Girths,
      })),
      body: body as Girths,
      target: target as Girths,
      maxStep,
    });
    if (!graded.ok) return graded;
    const names = (which: "free" | "chosen") =>
      Object.fromEntries(graded.value.zones.map((zone) => [zone.zone, sizes[zone[which]]?.name]));
    return ok({ free: names("free"), chosen: names("chosen"), cost: graded.value.cost });
  },
});
