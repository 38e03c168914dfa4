import { Type } from "typebox";
import { EDGE_PLACES, type EdgePlaceId, ELASTIC_SCHOOLS, elasticSchoolOf, judgedElastic } from "../elastic/index.ts";
import { fail, ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { givenCurve, givenCurveSchema } from "./givenCurve.ts";
import { alongMm, lengthMm, part, stretch } from "./numbers.ts";

/** `elastic`: how long an elastic is cut by one school, and how it does at its edge. */
export const elasticKind = computeKind({
  kind: "elastic",
  input: Type.Object(
    {
      school: Type.Enum(ELASTIC_SCHOOLS.map(({ id }) => id)),
      at: Type.Enum(EDGE_PLACES.map(({ id }) => id)),
      edge: lengthMm(),
      body: lengthMm(),
      width: lengthMm(),
      join: alongMm(),
      ratio: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 3 })),
      curve: Type.Optional(givenCurveSchema()),
      pressure: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 1000 })),
      recovery: Type.Optional(part()),
      pass: Type.Optional(lengthMm()),
      usable: Type.Optional(stretch()),
      chart: Type.Optional(lengthMm()),
    },
    { additionalProperties: false },
  ),
  compute(input) {
    const { at, edge, body, width, join, ratio = null, pressure = null, recovery = null, usable = null } = input;
    const forceN = givenCurve(input.curve);
    if (!forceN.ok) return forceN;
    const school = elasticSchoolOf(input.school);
    if (!school) return fail("unknown-school", `Expected a school, but got “${input.school}”.`);
    const place = { at: at as EdgePlaceId, edgeMm: edge, bodyMm: body, widthMm: width, joinMm: join };
    const tested = { forceN: forceN.value, recovery, usable };
    const made = school.makes(place, tested, { ratio, pressureKpa: pressure, chartMm: input.chart ?? null });
    if (!made.ok && made.problem.code === "unreachable") return ok({ cut: null, verdict: "unreachable" });
    if (!made.ok) return made;
    const judged = judgedElastic(made.value.madeMm, place, tested, input.pass ?? null);
    const { load, grown, putOn } = judged;
    return ok({
      ...{ made: judged.madeMm, cut: judged.cutMm, partOfEdge: judged.partOfEdge, wornStrain: judged.wornStrain },
      ...{ grips: judged.grips, verdict: judged.verdict },
      ...(load && { force: load.forceN, pressure: load.pressureKpa, pressureBand: load.band }),
      ...(grown && { grownLength: grown.lengthMm, grownStrain: grown.strain }),
      ...(putOn && { passStrain: putOn.needed, putOn: putOn.verdict }),
    });
  },
});
