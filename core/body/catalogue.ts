import type { Measure, MeasureCode, Side } from "./measure.ts";

const STANDING = "Standing upright, weight on both feet, arms hanging.";
const QUIET = "Breathing quietly, read at the end of a breath out.";

/**
 * The measures Stenz takes, in the order in which a person is measured: standing girths from the neck down, then
 * lengths, then seated ones. Names follow ISO 8559-1 where they agree with ours.
 */
export const CATALOGUE: readonly Measure[] = [
  {
    code: "waist",
    name: "Waist",
    isoName: "waist girth",
    kind: "girth",
    sided: false,
    landmarks: "Round the trunk where it bends to the side, or where it is smallest.",
    how: [
      "Tie a narrow tape round the waist and let it settle by bending to both sides.",
      "Measure along the tied tape, level all round; leave it on for the lengths.",
    ],
    posture: STANDING,
    breath: QUIET,
    helper: false,
    rangeMm: [450, 1700],
    order: 100,
  },
  {
    code: "high_hip",
    name: "High hip",
    kind: "girth",
    sided: false,
    landmarks: "Round the trunk over the front points of the hip bones.",
    how: ["Feel for the hip bones in front.", "Lay the tape over both and level it at the back."],
    posture: STANDING,
    breath: QUIET,
    helper: false,
    rangeMm: [550, 1800],
    order: 110,
  },
  {
    code: "hip",
    name: "Hip",
    isoName: "hip girth",
    kind: "girth",
    sided: false,
    landmarks: "Round the fullest part of the seat, level.",
    how: ["Look from the side for the fullest seat.", "Lay the tape round it, level; do not press it in."],
    posture: "Standing upright, feet together.",
    breath: QUIET,
    helper: false,
    rangeMm: [600, 1900],
    order: 120,
  },
  {
    code: "leg_edge",
    name: "Leg edge",
    kind: "girth",
    sided: true,
    landmarks: "Along the leg line of the style: over the hip, through the crotch, under the seat. Not the thigh.",
    how: [
      "Draw or imagine the leg line of the style on the body.",
      "Lay the tape along it, from the side over the front, through the crotch and back under the seat.",
    ],
    posture: "Standing, feet a hand apart.",
    breath: QUIET,
    helper: false,
    rangeMm: [350, 950],
    order: 140,
  },
  {
    code: "waist_to_hip",
    name: "Waist to hip",
    isoName: "waist to hip",
    kind: "length",
    sided: false,
    landmarks: "At the side, from the tied waist tape down to the level of the fullest seat.",
    how: ["Hold the tape at the waist tape at the side.", "Follow the body down to the hip level."],
    posture: STANDING,
    breath: QUIET,
    helper: false,
    rangeMm: [110, 320],
    order: 200,
  },
  {
    code: "crotch_front",
    name: "Crotch front",
    kind: "length",
    sided: false,
    landmarks: "From the waist at centre front to the crotch point.",
    how: ["Start at the waist tape at centre front.", "Run the tape down between the legs to the crotch point."],
    posture: "Standing, feet a hand apart.",
    breath: QUIET,
    helper: false,
    rangeMm: [220, 500],
    order: 210,
  },
  {
    code: "crotch_back",
    name: "Crotch back",
    kind: "length",
    sided: false,
    landmarks: "From the crotch point to the waist at centre back.",
    how: ["Hold the tape at the crotch point.", "Run it up over the seat to the waist tape at centre back."],
    posture: "Standing, feet a hand apart.",
    breath: QUIET,
    helper: false,
    rangeMm: [230, 560],
    order: 220,
  },
  {
    code: "crotch_depth",
    name: "Crotch depth",
    isoName: "body rise",
    kind: "length",
    sided: false,
    landmarks: "Seated: from the waist tape straight down to the seat, at the side. Not the crotch length.",
    how: ["Sit on a hard, flat chair.", "Measure at the side from the waist tape straight down to the chair."],
    posture: "Seated upright on a hard chair, feet flat.",
    breath: QUIET,
    helper: false,
    rangeMm: [170, 400],
    order: 400,
  },
];

const BY_CODE = new Map<string, Measure>(CATALOGUE.map((measure) => [measure.code, measure]));

/** True for a text that names a measure of the catalogue. */
export const isMeasureCode = (text: string): text is MeasureCode => BY_CODE.has(text);

/**
 * Looks a measure up by its code.
 * @throws RangeError for a code outside the catalogue, which only a programming error can produce.
 */
export function measureOf(code: MeasureCode): Measure {
  const measure = BY_CODE.get(code);
  if (!measure) throw new RangeError(`No measure has the code ${code}.`);
  return measure;
}

/** The sides a measure is entered for: one, or left and right. */
export const sidesOf = (measure: Measure): readonly Side[] => (measure.sided ? ["left", "right"] : ["single"]);

/** Name with its side, as written in lists: `Leg edge, left`. */
export function nameOf(code: MeasureCode, side: Side): string {
  const { name } = measureOf(code);
  return side === "single" ? name : `${name}, ${side}`;
}
