import type { MeasureCode } from "../body/index.ts";
import type { Style, Zone } from "../ease/index.ts";

/** Zones whose strain draws a length in, for lengths that pieces need and styles do not plan. */
const ALONG: Readonly<Partial<Record<MeasureCode, readonly Zone[]>>> = {
  front_waist: ["bust", "waist"],
  back_waist: ["bust", "waist"],
  side_waist: ["bust", "waist"],
  shoulder_to_apex: ["overbust", "bust"],
  underbust_to_waist: ["underbust", "waist"],
  waist_to_high_hip: ["waist", "highHip"],
  waist_to_hip: ["waist", "highHip", "hip"],
  crotch_front: ["highHip", "hip"],
  crotch_back: ["highHip", "hip"],
  skirt_side: ["waist", "hip"],
};

/** The zones a length runs past: as the style's own lengths say, else by what lies along it. */
export const zonesAlong = (code: MeasureCode, { lengths }: Pick<Style, "lengths">): readonly Zone[] =>
  lengths.flatMap(({ segments }) => segments).find((segment) => segment.code === code)?.zones ?? ALONG[code] ?? [];
