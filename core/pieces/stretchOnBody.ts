import type { MeasureCode } from "../body/index.ts";
import type { StylePlan, Zone } from "../ease/index.ts";
import type { CutLength } from "./cutLengths.ts";
import { zoneStrain } from "./zoneGirth.ts";

/** A way along the body. */
export type BodyWay = "front" | "back" | "side";

/** How far pieces stretch on the body: by what a mm of cloth becomes there. */
export interface StretchOnBody {
  /** Along the body; null where no length of that way was cut. */
  readonly along: Readonly<Record<BodyWay, number | null>>;
  /** Round it, by zone. */
  readonly round: Readonly<Partial<Record<Zone, number>>>;
}

/** Lengths that run a way, as far as pieces are cut by them. */
const WAYS: Readonly<Record<BodyWay, readonly MeasureCode[]>> = {
  front: ["front_waist", "crotch_front"],
  back: ["back_waist", "crotch_back"],
  side: ["side_waist", "waist_to_hip", "skirt_side"],
};

/** What the plan's girths and lengths say of the stretch on the body. */
export function stretchOnBody(cut: readonly CutLength[], plan: StylePlan | null): StretchOnBody {
  const along = (way: BodyWay): number | null => {
    const own = cut.filter(({ code }) => WAYS[way].includes(code));
    const cutMm = own.reduce((sum, one) => sum + one.cutMm, 0);
    return cutMm === 0 ? null : own.reduce((sum, one) => sum + one.cutMm / one.cutPerMm, 0) / cutMm;
  };
  const round = (plan?.zones ?? []).flatMap(({ zone }) => {
    const strain = plan && zoneStrain(zone, plan);
    return strain === null ? [] : [[zone, 1 + strain] as const];
  });
  return {
    along: { front: along("front"), back: along("back"), side: along("side") },
    round: Object.fromEntries(round),
  };
}
