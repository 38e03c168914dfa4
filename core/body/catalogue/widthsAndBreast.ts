import type { Measure } from "../measure.ts";
import { ANY_BREATH, QUIET, STANDING } from "./postures.ts";

const flat = (measure: Omit<Measure, "sided" | "posture" | "breath" | "helper"> & Partial<Measure>): Measure => ({
  sided: false,
  posture: STANDING,
  breath: ANY_BREATH,
  helper: false,
  ...measure,
});

const LEVELS = { bust: [300, 950], waist: [220, 900], hip: [280, 1000] } as const;

/** Across the front from side seam to side seam; with them a front takes its true part of a girth. */
export const ARCS: readonly Measure[] = (Object.keys(LEVELS) as (keyof typeof LEVELS)[]).map((level) =>
  flat({
    code: `${level}_front_arc`,
    name: `${level[0]?.toUpperCase()}${level.slice(1)} front arc`,
    kind: "arc",
    group: "arcs",
    landmarks: `Across the front at the ${level}, from side seam to side seam.`,
    how: ["Mark where the side seams are to be.", `Measure across the front at the ${level}, level.`],
    breath: QUIET,
    rangeMm: LEVELS[level],
  }),
);

/** Straight across the body. */
export const WIDTHS: readonly Measure[] = [
  flat({
    code: "across_front",
    name: "Across front",
    isoName: "across front shoulder width",
    kind: "width",
    group: "widths",
    landmarks: "Across the chest between the folds of the arms.",
    how: ["Arms hanging.", "Straight across between the front folds of the arms."],
    rangeMm: [240, 480],
  }),
  flat({
    code: "across_back",
    name: "Across back",
    isoName: "back width",
    kind: "width",
    group: "widths",
    landmarks: "Across the shoulder blades between the folds of the arms.",
    how: ["Arms hanging.", "Straight across between the back folds of the arms."],
    helper: true,
    rangeMm: [260, 520],
  }),
  flat({
    code: "apex_span",
    name: "Apex span",
    isoName: "bust point width",
    kind: "width",
    group: "widths",
    landmarks: "Straight from apex to apex.",
    how: ["Hold the tape straight between the apexes; do not follow the hollow."],
    rangeMm: [120, 320],
  }),
  flat({
    code: "bridge_width",
    name: "Bridge width",
    kind: "width",
    group: "widths",
    landmarks: "Between the roots of the breasts at their lower inner ends.",
    how: ["Press gently between the breasts to feel both roots.", "Measure between them."],
    rangeMm: [3, 70],
  }),
];

const breast = (
  code: Measure["code"],
  name: string,
  landmarks: string,
  how: readonly string[],
  rangeMm: readonly [number, number],
): Measure => flat({ code, name, landmarks, how, rangeMm, kind: "length", group: "breast", sided: true });

/** Each breast on its own; they can be self-taken with the guide on the screen. */
export const BREAST: readonly Measure[] = [
  breast(
    "root_width",
    "Root width",
    "From the inner to the outer end of the crease, straight.",
    ["Feel for both ends of the crease.", "Measure straight between them."],
    [80, 210],
  ),
  breast(
    "root_height",
    "Root height",
    "From the lowest point of the crease straight up to where the breast begins.",
    ["Feel where the breast begins above.", "Measure straight down to the crease."],
    [70, 230],
  ),
  breast(
    "wire_line",
    "Wire line",
    "Along the crease from its inner to its outer end.",
    ["Lay a bendable ruler or a tape into the crease.", "Read from end to end."],
    [120, 360],
  ),
  breast(
    "projection",
    "Projection",
    "Depth from the chest wall to the apex.",
    ["Hold a ruler upright on the breastbone, another level to the apex.", "Read the depth."],
    [15, 200],
  ),
  breast(
    "lower_cup",
    "Lower cup",
    "From the root below the apex straight up to the apex.",
    ["Start in the crease below the apex.", "Follow the breast up to the apex."],
    [40, 220],
  ),
  breast(
    "upper_cup",
    "Upper cup",
    "From the apex up to where the cup is to end.",
    ["Mark where the cup is to end.", "Follow the breast from the apex to there."],
    [40, 260],
  ),
  breast(
    "cross_cup",
    "Cross cup",
    "From the inner end of the root over the apex to the outer end.",
    ["Start at the inner end of the crease.", "Run over the apex to its outer end."],
    [120, 420],
  ),
];
