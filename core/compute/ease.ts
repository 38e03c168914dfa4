import { Type } from "typebox";
import { planZone } from "../ease/planZone.ts";
import { isSchoolId } from "../ease/schools/index.ts";
import { FAMILIES, SHIPPED_EASE_SETTINGS } from "../ease/settings.ts";
import { ZONES } from "../ease/zones.ts";
import { fail, ok } from "../result.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm, part, stretch } from "./numbers.ts";

const curve = () => Type.Array(Type.Tuple([Type.Number(), Type.Number()]), { minItems: 1, maxItems: 200 });

/** Inputs of the curve schools: known to the interface, computed from a later version on. */
const LATER = ["curve", "pressure", "profile"] as const;

/** `ease`: one zone by one school, with every consequence that needs no load curve. */
export const easeKind = computeKind({
  kind: "ease",
  input: Type.Object(
    {
      zone: Type.Enum([...ZONES]),
      family: Type.Enum([...FAMILIES]),
      school: Type.Enum(["fixed", "percent", "share", "pressure", "profile"]),
      body: lengthMm(),
      usable: stretch(),
      tape: Type.Optional(Type.Enum(["snug", "finger"])),
      recovery: Type.Optional(part()),
      share: Type.Optional(Type.Number({ minimum: 0, maximum: 2 })),
      cut: Type.Optional(Type.Number({ minimum: -1000, maximum: 1000 })),
      curve: Type.Optional(curve()),
      pressure: Type.Optional(Type.Number({ minimum: 0 })),
      profile: Type.Optional(Type.Object({})),
    },
    { additionalProperties: false },
  ),
  compute(input) {
    const later = LATER.find((key) => input[key] !== undefined);
    if (later || !isSchoolId(input.school)) {
      return fail("unsupported", `Expected an ease without curves, but got ${later ?? `the school ${input.school}`}.`);
    }
    const finger = input.tape === "finger" ? SHIPPED_EASE_SETTINGS.fingerAllowanceMm : 0;
    const bodyMm = input.body - finger;
    if (bodyMm <= 0)
      return fail("body-not-positive", `Expected a body above the finger's ${finger} mm, but got ${input.body}.`);
    const outcome = planZone(input.school, {
      zone: input.zone as (typeof ZONES)[number],
      family: input.family as (typeof FAMILIES)[number],
      bodyMm,
      usable: input.usable,
      recovery: input.recovery ?? null,
      settings: SHIPPED_EASE_SETTINGS,
      ...(input.share === undefined ? {} : { share: input.share }),
      ...(input.cut === undefined ? {} : { cutMm: input.cut }),
    });
    if (!outcome.ok) return outcome;
    const found = outcome.value.consequences;
    return ok({
      body: bodyMm,
      garment: found.garmentMm,
      quarter: found.quarterMm,
      strain: found.strain,
      reduction: found.reduction,
      easeMm: found.easeMm,
      shareUsed: found.shareUsed,
      ...(found.grownGarmentMm === null ? {} : { grownGarment: found.grownGarmentMm, grownStrain: found.grownStrain }),
    });
  },
});
