import { type Static, Type } from "typebox";
import { type BandCut, type BandInput, type BandPull, bandCut, bandLoad } from "../band/index.ts";
import { fail, ok, type Result } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { givenCurve, givenCurveSchema } from "./givenCurve.ts";
import { lengthMm, wornStrain } from "./numbers.ts";

const elastics = () =>
  Type.Array(Type.Object({ cut: lengthMm(), curve: givenCurveSchema() }, { additionalProperties: false }), {
    maxItems: 20,
  });

/** `band`: the wings of a band and, with a curve, its force and pressure at rest and breathed in. */
export const bandKind = computeKind({
  kind: "band",
  input: Type.Object(
    {
      underbust: lengthMm(),
      underbustInhaled: lengthMm(),
      rigid: Type.Number({ minimum: 0, maximum: 1e6 }),
      strain: wornStrain(),
      height: Type.Optional(lengthMm()),
      curve: Type.Optional(givenCurveSchema()),
      elastics: Type.Optional(elastics()),
    },
    { additionalProperties: false },
  ),
  compute(input) {
    const { underbust, underbustInhaled, rigid, strain } = input;
    if (!(rigid < Math.min(underbust, underbustInhaled)))
      return fail("no-wings", `Expected rigid parts shorter than the underbust, but they cover ${rigid} mm.`);
    const band: BandInput = { underbustMm: underbust, underbustInhaledMm: underbustInhaled, rigidMm: rigid, strain };
    const cut = bandCut(band);
    const told = { wing: cut.wingMm, garment: cut.garmentMm, inhaledStrain: cut.inhaledStrain };
    if (!input.curve) return ok(told);
    if (input.height === undefined)
      return fail("no-height", "Expected the height of the band beside its curve, but it is missing.");
    const pull = givenPull(input.height, input.curve, input.elastics ?? []);
    return pull.ok ? ok({ ...told, ...loads(band, cut, pull.value) }) : pull;
  },
});

function loads(band: BandInput, { inhaledStrain }: BandCut, pull: BandPull) {
  const rest = bandLoad(band.underbustMm, band.strain, band, pull);
  const inhaled = bandLoad(band.underbustInhaledMm, inhaledStrain, band, pull);
  return {
    force: rest.forceN,
    pressure: rest.pressureKpa,
    pressureBand: rest.pressureBand,
    forceInhaled: inhaled.forceN,
    pressureInhaled: inhaled.pressureKpa,
  };
}

function givenPull(
  heightMm: number,
  curve: Static<ReturnType<typeof givenCurveSchema>>,
  given: Static<ReturnType<typeof elastics>>,
): Result<BandPull> {
  const wear = givenCurve(curve);
  if (!wear.ok) return wear;
  const read: BandPull["elastics"][number][] = [];
  for (const elastic of given) {
    const force = givenCurve(elastic.curve);
    if (!force.ok) return force;
    if (force.value) read.push({ cutMm: elastic.cut, forceN: force.value });
  }
  return wear.value ? ok({ heightMm, wear: wear.value, elastics: read }) : fail("no-curve", "Expected a curve.");
}
