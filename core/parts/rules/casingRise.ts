import { RISE_DROPS } from "../decisions/rise.ts";
import { forbidden, type PartRule } from "./rule.ts";

/** Drops nearer than this are one rise, mm. */
const SAME_MM = 2;

/** A casing runs along the edge it closes. */
export const casingRise: PartRule = {
  id: "casingRise",
  says({ waist, rise }, { briefDrops }) {
    if (waist !== "casing" || !briefDrops || !(rise in RISE_DROPS)) return [];
    const wanted = RISE_DROPS[rise as keyof typeof RISE_DROPS];
    const other = Object.entries(wanted).some(([drop, mm]) => {
      const kept = briefDrops[drop];
      return kept !== null && kept !== undefined && Math.abs(kept - mm) > SAME_MM;
    });
    return other
      ? forbidden(
          "A waist casing takes the same rise as front and back, but the kept pieces are drawn to another: take the rise over, or choose theirs.",
        )
      : [];
  },
};
