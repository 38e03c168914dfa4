import { chosenAt, type JobFacts } from "../../calculation/index.ts";
import { alongStretchBy, type Zone } from "../../ease/index.ts";
import type { TrunkFacts } from "./trunkFacts.ts";

/** What a trunk rests on: the strains of the plan that draw it in, and the stretch along the body by the chosen school. */
export function trunkFactsOf({
  style,
  settings,
  school,
  plan,
  stretch,
  layerNames,
  body,
  beside,
}: JobFacts): TrunkFacts {
  const strainAt = (zone: Zone) => chosenAt(plan, zone)?.strain ?? null;
  return {
    body,
    strains: { bust: strainAt("bust"), waist: strainAt("waist"), hip: strainAt("hip") },
    along:
      school && stretch
        ? alongStretchBy(school, {
            style,
            settings,
            along: { usableAlong: stretch.usableAlong, contraction: stretch.contraction },
          })
        : null,
    freedom: settings.drawInFreedom,
    leaveUnderMm: settings.leaveLengthUnderMm,
    settingsName: beside.settingsName,
    innerLayers: layerNames.slice(1),
    wraps: beside.wraps,
    chart: beside.chartLoops,
  };
}
