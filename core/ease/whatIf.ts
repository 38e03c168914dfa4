import { strainAt, type TensionCurve } from "../cloth/index.ts";
import { fail, ok, type Result } from "../result.ts";
import { type Pull, pullOf, type Reach, reachOf } from "./consequences.ts";
import { tensionForPressure } from "./pressure.ts";
import type { Zone } from "./zones.ts";

/** The five numbers of a zone that hang together: fix one and the others follow. */
export const WHAT_IF_NUMBERS = ["garment", "strain", "share", "tension", "pressure"] as const;

/** One of {@link WHAT_IF_NUMBERS}: mm, ratio, ratio, N/m, kPa. */
export type WhatIfNumber = (typeof WHAT_IF_NUMBERS)[number];

/** Body and cloth of the zone that is tried. */
export interface WhatIfZone {
  readonly zone: Zone;
  readonly bodyMm: number;
  readonly usable: number;
  readonly wear: TensionCurve | null;
}

/** The five numbers together; tension and pressure are null where the cloth has no curve. */
export interface WhatIfAnswer {
  /** Exact, not rounded: the number that was fixed stays as it was typed. */
  readonly garmentMm: number;
  readonly strain: number;
  /** Null for a cloth that does not stretch at all. */
  readonly share: number | null;
  readonly reach: Reach;
  readonly pull: Pull | null;
}

/**
 * Works out the other four from one.
 *
 * Problems: `out-of-range` where no garment can be so; `no-curve` for tension or pressure without a ladder;
 * `unreachable` where the cloth never pulls that hard; `no-stretch` for a share of a cloth that has none.
 */
export function whatIf(fixed: WhatIfNumber, value: number, zone: WhatIfZone): Result<WhatIfAnswer> {
  const strain = strainFrom(fixed, value, zone);
  if (!strain.ok) return strain;
  const garmentMm = fixed === "garment" ? value : zone.bodyMm / (1 + strain.value);
  return ok({
    garmentMm,
    strain: strain.value,
    share: zone.usable > 0 ? strain.value / zone.usable : null,
    reach: reachOf(strain.value, zone.usable),
    pull: pullOf(strain.value, zone),
  });
}

function strainFrom(fixed: WhatIfNumber, value: number, { bodyMm, usable, wear }: WhatIfZone): Result<number> {
  switch (fixed) {
    case "garment":
      return value > 0 ? ok(bodyMm / value - 1) : outOfRange("a garment girth above 0");
    case "strain":
      return value > -1 ? ok(value) : outOfRange("a strain above −100 %");
    case "share":
      if (usable <= 0) return fail("no-stretch", "Expected a cloth that stretches, but this one does not.");
      return value * usable > -1 ? ok(value * usable) : outOfRange("a share that leaves a garment");
    case "tension":
      return value >= 0 ? strainOf(value, wear) : outOfRange("a tension of 0 N/m or more");
    case "pressure":
      return value >= 0 ? strainOf(tensionForPressure(value, bodyMm), wear) : outOfRange("a pressure of 0 kPa or more");
  }
}

function strainOf(tensionNPerM: number, wear: TensionCurve | null): Result<number> {
  if (!wear) return fail("no-curve", "Expected a load ladder of every layer round the body, but there is none.");
  const { strain } = strainAt(wear, tensionNPerM);
  return strain === null ? fail("unreachable", "This cloth never pulls that hard.") : ok(strain);
}

const outOfRange = (expected: string) => fail("out-of-range", `Expected ${expected}.`);
