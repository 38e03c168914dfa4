import type { Measure } from "../measure.ts";
import { ANY_BREATH, STANDING } from "./postures.ts";

const STEPS = [
  { pair: "bust_underbust", words: ["bust", "underbust"], rangeMm: [20, 160] },
  { pair: "underbust_mid_rib", words: ["underbust", "mid-rib"], rangeMm: [25, 140] },
  { pair: "mid_rib_waist", words: ["mid-rib", "waist"], rangeMm: [25, 140] },
  { pair: "waist_high_hip", words: ["waist", "high hip"], rangeMm: [40, 190] },
  { pair: "high_hip_hip", words: ["high hip", "hip"], rangeMm: [40, 200] },
] as const;

const PLACES = ["front", "side", "back"] as const;

/** Heights between the levels of a corset, along the body at centre front, side and centre back. */
export const HEIGHTS: readonly Measure[] = STEPS.flatMap(({ pair, words: [upper, lower], rangeMm }) =>
  PLACES.map(
    (place): Measure => ({
      code: `height_${pair}_${place}`,
      name: `${upper[0]?.toUpperCase()}${upper.slice(1)} to ${lower}, ${place}`,
      kind: "length",
      group: "heights",
      sided: false,
      landmarks: `At the ${place === "side" ? "side" : `centre ${place}`}, along the body from the ${upper} line to the ${lower} line.`,
      how: ["Mark the levels with narrow tapes.", "Measure along the body between them."],
      posture: STANDING,
      breath: ANY_BREATH,
      helper: place === "back",
      rangeMm,
    }),
  ),
);
