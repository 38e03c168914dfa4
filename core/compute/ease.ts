import { type Static, Type } from "typebox";
import {
  FAMILIES,
  type LikedGirth,
  planZone,
  SCHOOL_IDS,
  type SchoolId,
  SHIPPED_EASE_SETTINGS,
  ZONES,
} from "../ease/index.ts";
import { fail, ok, type Result } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { givenCurve, givenCurveSchema } from "./givenCurve.ts";
import { lengthMm, part, stretch } from "./numbers.ts";

const profile = () =>
  Type.Object(
    {
      body: lengthMm(),
      garment: lengthMm(),
      usable: Type.Optional(stretch()),
      curve: Type.Optional(givenCurveSchema()),
    },
    { additionalProperties: false },
  );

/** Problems that mean that the cloth cannot do what was asked: an answer, not a mistake. */
const UNREACHABLE = "unreachable";

/** `ease`: one zone by one school, with every consequence that what is given lets be known. */
export const easeKind = computeKind({
  kind: "ease",
  input: Type.Object(
    {
      zone: Type.Enum([...ZONES]),
      family: Type.Enum([...FAMILIES]),
      school: Type.Enum([...SCHOOL_IDS]),
      body: lengthMm(),
      usable: stretch(),
      tape: Type.Optional(Type.Enum(["snug", "finger"])),
      recovery: Type.Optional(part()),
      share: Type.Optional(Type.Number({ minimum: 0, maximum: 2 })),
      cut: Type.Optional(Type.Number({ minimum: -1000, maximum: 1000 })),
      curve: Type.Optional(givenCurveSchema()),
      pressure: Type.Optional(Type.Number({ minimum: 0, maximum: 1000 })),
      profile: Type.Optional(profile()),
    },
    { additionalProperties: false },
  ),
  compute(input) {
    const finger = input.tape === "finger" ? SHIPPED_EASE_SETTINGS.fingerAllowanceMm : 0;
    const bodyMm = input.body - finger;
    if (bodyMm <= 0)
      return fail("body-not-positive", `Expected a body above the finger's ${finger} mm, but got ${input.body}.`);
    const wear = givenCurve(input.curve);
    if (!wear.ok) return wear;
    const liked = givenProfile(input.profile);
    if (!liked.ok) return liked;
    const outcome = planZone(input.school as SchoolId, {
      zone: input.zone as (typeof ZONES)[number],
      family: input.family as (typeof FAMILIES)[number],
      bodyMm,
      usable: input.usable,
      recovery: input.recovery ?? null,
      wear: wear.value,
      liked: liked.value,
      settings: SHIPPED_EASE_SETTINGS,
      ...(input.share === undefined ? {} : { share: input.share }),
      ...(input.cut === undefined ? {} : { cutMm: input.cut }),
      ...(input.pressure === undefined ? {} : { pressureKpa: input.pressure }),
    });
    if (!outcome.ok) {
      return outcome.problem.code === UNREACHABLE
        ? ok({ body: bodyMm, garment: null, verdict: UNREACHABLE, reason: outcome.problem.message })
        : outcome;
    }
    return ok({ body: bodyMm, ...told(outcome.value.consequences) });
  },
});

function told(found: Extract<ReturnType<typeof planZone>, { ok: true }>["value"]["consequences"]) {
  const { pull } = found;
  return {
    garment: found.garmentMm,
    quarter: found.quarterMm,
    strain: found.strain,
    reduction: found.reduction,
    easeMm: found.easeMm,
    shareUsed: found.shareUsed,
    ...(pull === null
      ? {}
      : {
          tension: pull.tensionNPerM,
          pressure: pull.pressureKpa,
          pressureBand: pull.band,
          beyondTest: pull.beyondTest,
        }),
    ...(found.grownGarmentMm === null ? {} : { grownGarment: found.grownGarmentMm, grownStrain: found.grownStrain }),
  };
}

function givenProfile(given: Static<ReturnType<typeof profile>> | undefined): Result<LikedGirth[]> {
  if (!given) return ok([]);
  const wear = givenCurve(given.curve);
  if (!wear.ok) return wear;
  const { body, garment, usable = null } = given;
  return ok([{ name: "the garment that fits", bodyMm: body, garmentMm: garment, usable, wear: wear.value }]);
}
