import { farFromBody } from "./farFromBody.ts";
import type { Style } from "./styles/style.ts";
import type { PlannedCloth, ZonePlan } from "./zonePlan.ts";
import type { Zone } from "./zones.ts";

/** A limit of the style that a plan or its cloth leaves. */
export type LimitBroken =
  | {
      readonly limit: "leastStretch" | "leastStretchAlong" | "mostStretch";
      readonly is: number;
      readonly asked: number;
    }
  | {
      /** Nothing of the style: a girth far from its body, of which one has to ask whether it is meant. mm */
      readonly limit: "farFromBody";
      readonly zone: Zone;
      readonly is: number;
      readonly asked: number;
    }
  | {
      readonly limit: "mostShare" | "mostPressureKpa";
      readonly zone: Zone;
      readonly is: number;
      readonly asked: number;
    };

/** Limits of a style that its cloth or a chosen girth leaves: warned of, never refused. */
export function brokenLimits({ limits }: Style, cloth: PlannedCloth, zones: readonly ZonePlan[]): LimitBroken[] {
  const broken: LimitBroken[] = [];
  const { usable, usableAlong = null } = cloth;
  if (usable < limits.leastStretch) broken.push({ limit: "leastStretch", is: usable, asked: limits.leastStretch });
  if (limits.leastStretchAlong !== null && usableAlong !== null && usableAlong < limits.leastStretchAlong)
    broken.push({ limit: "leastStretchAlong", is: usableAlong, asked: limits.leastStretchAlong });
  if (limits.mostStretch !== null && usable >= limits.mostStretch)
    broken.push({ limit: "mostStretch", is: usable, asked: limits.mostStretch });
  for (const { zone, chosen, body } of zones) {
    if (chosen && farFromBody(chosen.consequences.garmentMm, body.snugMm) !== null)
      broken.push({ limit: "farFromBody", zone, is: chosen.consequences.garmentMm, asked: body.snugMm });
    const share = chosen?.consequences.shareUsed ?? null;
    const pressure = chosen?.consequences.pull?.pressureKpa ?? null;
    if (share !== null && share > limits.mostShare)
      broken.push({ limit: "mostShare", zone, is: share, asked: limits.mostShare });
    if (pressure !== null && pressure > limits.mostPressureKpa)
      broken.push({ limit: "mostPressureKpa", zone, is: pressure, asked: limits.mostPressureKpa });
  }
  return broken;
}
