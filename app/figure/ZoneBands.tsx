import { useId } from "react";
import { STRETCH_STEPS, type StretchStep, type Zone } from "../../core/ease/index.ts";
import { LEVEL, legLine, levelLine, type TrunkView } from "../../core/figure/index.ts";
import { threadPath } from "./stretch/threadPath.ts";

/** A zone with the step of the strain scale it stands at. */
export interface BandZone {
  readonly zone: Zone;
  readonly step: StretchStep;
}

/** The zones of a garment as bands on the body, each in the tone and with the thread of its strain step. */
export function ZoneBands({ zones, view }: { zones: readonly BandZone[]; view: TrunkView }) {
  const id = useId();
  return (
    <>
      <defs>
        {STRETCH_STEPS.map(({ step }) => (
          <pattern key={step} id={`${id}${step}`} width={24} height={13} y={4} patternUnits="userSpaceOnUse">
            <rect width={24} height={13} fill={`var(--stz-palette-bench-stretch-${step})`} />
            <path d={threadPath(step, 24, 13)} fill="none" stroke="var(--stz-palette-bench-ink)" strokeWidth={0.8} />
          </pattern>
        ))}
      </defs>
      {zones.flatMap(({ zone, step }) =>
        pathsOf(zone, view).map((path) => (
          <path key={path} d={path} fill="none" stroke={`url(#${id}${step})`} strokeWidth={13} />
        )),
      )}
    </>
  );
}

function pathsOf(zone: Zone, view: TrunkView): string[] {
  if (zone === "leg") return [legLine("viewerLeft", view), legLine("viewerRight", view)];
  const level = LEVEL[zone as keyof typeof LEVEL];
  return level === undefined ? [] : [levelLine(zone === "hip" ? level - 6 : level)];
}
