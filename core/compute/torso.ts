import { Type } from "typebox";
import { SHIPPED_EASE_SETTINGS } from "../ease/index.ts";
import { ok } from "../result.ts";
import { placeTrunkLength, type TrunkLoop } from "../torso/index.ts";
import { computeKind } from "./computeKind.ts";
import { lengthMm, part, wornStrain } from "./numbers.ts";

const loop = () =>
  Type.Object(
    {
      frontWaist: Type.Optional(lengthMm()),
      crotchFront: Type.Optional(lengthMm()),
      crotchBack: Type.Optional(lengthMm()),
      backWaist: Type.Optional(lengthMm()),
      trunkLoop: lengthMm(),
    },
    { additionalProperties: false },
  );

/** `torso`: the trunk loop a body needs against the pattern's, and where the difference goes. */
export const torsoKind = computeKind({
  kind: "torso",
  input: Type.Object(
    {
      school: Type.Enum(["halves", "segments"]),
      body: loop(),
      pattern: loop(),
      lengthStrain: wornStrain(),
      girthStrain: wornStrain(),
      contraction: part(),
    },
    { additionalProperties: false },
  ),
  compute({ school, body, pattern, lengthStrain, girthStrain, contraction }) {
    const placed = placeTrunkLength(school as "halves" | "segments", {
      body: body as TrunkLoop,
      pattern: pattern as TrunkLoop,
      stretch: { lengthStrain, girthStrain, contraction, freedom: SHIPPED_EASE_SETTINGS.drawInFreedom },
    });
    return ok({
      needed: placed.neededMm,
      delta: placed.deltaMm,
      act: placed.act,
      school: placed.school,
      front: placed.frontMm,
      back: placed.backMm,
      ...(placed.byPart ? { segments: placed.byPart } : {}),
      missing: placed.missing,
    });
  },
});
