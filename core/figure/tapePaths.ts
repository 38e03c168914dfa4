import type { MeasureCode, Side } from "../body/index.ts";
import { CENTRE, LEVEL, legLine, levelLine } from "./geometry.ts";
import { type Point, smooth } from "./smooth.ts";

/** Where a tape can be looked at from. */
export type TapeView = "front" | "back" | "side" | "breast";

/** All views in the order they are preferred. */
export const TAPE_VIEWS: readonly TapeView[] = ["front", "back", "side", "breast"];

/** A tape as it lies on the figure; `free` tapes hang beside the body and are not clipped to it. */
export interface TapePath {
  readonly path: string;
  readonly free?: boolean;
}

type Ways = Partial<Record<TapeView, TapePath>>;

const line = (...points: readonly Point[]): TapePath => ({ path: smooth(points) });
const free = (...points: readonly Point[]): TapePath => ({ path: smooth(points), free: true });
const down = (x: number, from: number, to: number): TapePath => line([x, from], [x, to]);

/** A level girth, seen from everywhere. */
const around = (y: number): Ways => ({
  front: { path: levelLine(y) },
  back: { path: levelLine(y) },
  side: { path: levelLine(y) },
});

const MID_RIB = 161;
const CORSET_LEVEL = {
  bust: LEVEL.bust,
  underbust: LEVEL.underbust,
  mid_rib: MID_RIB,
  waist: LEVEL.waist,
  high_hip: LEVEL.highHip,
  hip: LEVEL.hip,
} as const;

/** A level line bows; at the centre it hangs this much lower than at the side. */
const BOW = 5;

/** Heights between neighbouring levels of a corset, at centre front, side and centre back. */
function heightWays(code: string): Ways | undefined {
  const match =
    /^height_(bust|underbust|mid_rib|waist|high_hip)_(underbust|mid_rib|waist|high_hip|hip)_(front|side|back)$/.exec(
      code,
    );
  if (!match) return undefined;
  const from = CORSET_LEVEL[match[1] as keyof typeof CORSET_LEVEL];
  const to = CORSET_LEVEL[match[2] as keyof typeof CORSET_LEVEL];
  return {
    [match[3] as "front" | "side" | "back"]:
      match[3] === "side" ? down(108, from + 2, to + 2) : down(CENTRE, from + BOW, to + BOW),
  };
}

/** Measures that lie in the middle or are level: the same for both sides. */
const SINGLE: Partial<Record<MeasureCode, Ways>> = {
  neck: around(54),
  shoulder_girth: {
    front: free([CENTRE - 52, 86], [CENTRE, 94], [CENTRE + 52, 86]),
    back: free([CENTRE - 52, 86], [CENTRE, 92], [CENTRE + 52, 86]),
  },
  wrist_pass: { front: free([CENTRE + 62, 238], [CENTRE + 69, 241], [CENTRE + 76, 238]) },
  overbust: around(LEVEL.overbust),
  bust: around(LEVEL.bust),
  bust_leaning: around(LEVEL.bust),
  underbust: around(LEVEL.underbust),
  underbust_inhaled: around(LEVEL.underbust),
  mid_rib: around(MID_RIB),
  waist: around(LEVEL.waist),
  waist_inhaled: around(LEVEL.waist),
  waist_seated: around(LEVEL.waist),
  cinched_underbust: around(LEVEL.underbust),
  cinched_waist: around(LEVEL.waist),
  high_hip: around(LEVEL.highHip),
  hip: around(LEVEL.hip),
  bust_front_arc: { front: { path: levelLine(LEVEL.bust) } },
  waist_front_arc: { front: { path: levelLine(LEVEL.waist) } },
  hip_front_arc: { front: { path: levelLine(LEVEL.hip) } },
  trunk_loop: {
    front: line([CENTRE + 25, 70], [CENTRE + 22, 124], [CENTRE + 10, 200], [CENTRE, 259]),
    back: line([CENTRE, 259], [CENTRE - 10, 200], [CENTRE - 22, 120], [CENTRE - 25, 70]),
  },
  back_waist: { back: down(CENTRE, 62, LEVEL.waist + BOW) },
  front_waist: { front: line([CENTRE + 15, 66], [CENTRE + 21, 126], [CENTRE + 20, LEVEL.waist + 4]) },
  side_waist: { side: down(112, 104, LEVEL.waist + 3) },
  shoulder_to_underbust: { front: line([CENTRE + 15, 66], [CENTRE + 21, 124], [CENTRE + 20, LEVEL.underbust + 4]) },
  underbust_to_waist: { front: down(CENTRE, LEVEL.underbust + BOW, LEVEL.waist + BOW) },
  waist_to_high_hip: {
    front: free([CENTRE + 34, LEVEL.waist], [CENTRE + 44, LEVEL.highHip]),
    side: down(112, LEVEL.waist + 3, LEVEL.highHip + 3),
  },
  waist_to_hip: {
    front: free([CENTRE + 34, LEVEL.waist], [CENTRE + 46, LEVEL.highHip], [CENTRE + 53, LEVEL.hip]),
    side: down(112, LEVEL.waist + 3, LEVEL.hip + 3),
  },
  crotch_front: { front: down(CENTRE, LEVEL.waist + BOW, LEVEL.crotch + 2) },
  crotch_back: { back: down(CENTRE, LEVEL.waist + BOW, LEVEL.crotch + 2) },
  shoulder_length: { front: free([CENTRE + 14, 63], [CENTRE + 28, 70], [CENTRE + 43, 77]) },
  strap_front: { front: line([CENTRE + 27, 71], [CENTRE + 24, 90], [CENTRE + 22, 112]) },
  strap_back: { back: line([CENTRE - 27, 71], [CENTRE - 25, 100], [CENTRE - 22, 134]) },
  neck_to_front_edge: { front: down(CENTRE, 72, 114) },
  front_neck_to_waist: { front: down(CENTRE, 72, LEVEL.waist) },
  sleeve: { front: free([CENTRE + 43, 78], [CENTRE + 56, 116], [CENTRE + 60, 154], [CENTRE + 73, 234]) },
  skirt_front: { front: down(CENTRE, LEVEL.waist + BOW, 344) },
  skirt_side: { side: free([111, LEVEL.waist + 3], [112, 236], [112, 344]) },
  skirt_back: { back: down(CENTRE, LEVEL.waist + BOW, 344) },
  inseam: { front: line([CENTRE + 3, 264], [CENTRE + 8, 318], [CENTRE + 13, 362], [CENTRE + 13, 400]) },
  across_front: { front: line([CENTRE - 36, 100], [CENTRE, 102], [CENTRE + 36, 100]) },
  across_back: { back: line([CENTRE - 38, 104], [CENTRE, 106], [CENTRE + 38, 104]) },
  apex_span: { breast: line([64, 88], [156, 88]), front: line([CENTRE - 21, 126], [CENTRE + 21, 126]) },
  bridge_width: { breast: line([99, 104], [121, 104]) },
  waist_to_lap: { side: free([80, LEVEL.waist + 2], [76, LEVEL.hip - 2]) },
  crotch_depth: { side: free([152, LEVEL.waist], [152, LEVEL.crotch]) },
};

/** Measures kept for two sides. */
const SIDED: Partial<Record<MeasureCode, (side: Side) => Ways>> = {
  leg_edge: (side) => ({
    front: { path: legLine(side === "left" ? "viewerRight" : "viewerLeft", "front") },
    back: { path: legLine(side === "left" ? "viewerLeft" : "viewerRight", "back") },
  }),
  thigh: (side) => ({ front: line([CENTRE, 276], [CENTRE + 26 * out(side), 280], [CENTRE + 52 * out(side), 276]) }),
  upper_arm: (side) => ({
    front: free([CENTRE + 43 * out(side), 113], [CENTRE + 51 * out(side), 117], [CENTRE + 58 * out(side), 112]),
  }),
  shoulder_to_apex: (side) => ({ front: line([CENTRE + 15 * out(side), 66], [CENTRE + 21 * out(side), 126]) }),
  root_width: (side) => ({ breast: line([CENTRE + 12 * out(side), 104], [CENTRE + 82 * out(side), 100]) }),
  root_height: (side) => ({ breast: down(CENTRE + 46 * out(side), 44, 128) }),
  wire_line: (side) => ({
    breast: line(
      [CENTRE + 12 * out(side), 104],
      [CENTRE + 26 * out(side), 122],
      [CENTRE + 46 * out(side), 129],
      [CENTRE + 68 * out(side), 121],
      [CENTRE + 82 * out(side), 100],
    ),
  }),
  projection: () => ({ side: line([95, 127], [73, 127]) }),
  lower_cup: (side) => ({ breast: down(CENTRE + 46 * out(side), 88, 128) }),
  upper_cup: (side) => ({ breast: line([CENTRE + 46 * out(side), 88], [CENTRE + 42 * out(side), 46]) }),
  cross_cup: (side) => ({
    breast: line([CENTRE + 12 * out(side), 104], [CENTRE + 46 * out(side), 88], [CENTRE + 82 * out(side), 100]),
  }),
};

/** From the front the wearer's left lies on the viewer's right. */
const out = (side: Side): 1 | -1 => (side === "right" ? -1 : 1);

/** The ways a measure's tape lies, by view; empty where it has none. */
export const tapeWays = (code: MeasureCode, side: Side): Ways =>
  SINGLE[code] ?? SIDED[code]?.(side) ?? heightWays(code) ?? {};
