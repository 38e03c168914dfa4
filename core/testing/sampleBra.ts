import type { DraftFacts, Sided } from "../drafting/index.ts";
import { SAMPLE_BREAST } from "./anyBreast.ts";

const { rootWidthMm, rootHeightMm, wireLineMm, projectionMm, lowerCupMm, upperCupMm, crossCupMm } = SAMPLE_BREAST;

/** What else of a body a bra is drawn from: how much of the left breast the right one is, the planned underbust and the bridge, mm. */
interface BesideBreast {
  readonly right?: number;
  readonly underbust?: number;
  readonly bridge?: number;
}

/** A body of 760 mm under the bust, with a band planned for it, that any bra can be drawn from. */
export function braFacts(
  options: DraftFacts["options"] = {},
  { right = 1, underbust = 640, bridge = 20 }: BesideBreast = {},
): DraftFacts {
  const sided = (mm: number | null): Sided => ({ left: mm ?? 0, right: (mm ?? 0) * right });
  return {
    measures: {
      ...{ root_width: sided(rootWidthMm), root_height: sided(rootHeightMm), wire_line: sided(wireLineMm) },
      ...{ projection: sided(projectionMm), lower_cup: sided(lowerCupMm), upper_cup: sided(upperCupMm) },
      ...{ cross_cup: sided(crossCupMm), bridge_width: bridge, underbust: 760 },
    },
    girths: { underbust },
    lengths: {},
    options: { cloth_gives: 0.6, ...options },
  };
}
