import fc from "fast-check";
import type { DraftFacts } from "../drafting/index.ts";
import { anyBreast } from "./anyBreast.ts";

/** Steps a range is looked at in. */
const STEPS = 10_000;

/** Anywhere in a range alike: bodies of extremes only, which chance would favour otherwise, are nobody's. */
const between = (min: number, max: number) =>
  fc.noBias(fc.integer({ min: 0, max: STEPS })).map((step) => min + ((max - min) * step) / STEPS);

/**
 * Plausible bodies, small to very large, long and short in the trunk, flat and full, with plans that reduce them by
 * nothing to a fifth: what a recipe gets to draw. Lengths in mm.
 */
const anyBody = fc
  .record({
    height: between(1450, 1900),
    hip: between(780, 1500),
    waistPart: between(0.66, 0.9),
    bustPart: between(0.84, 1.06),
    highHipPart: between(0.35, 0.9),
    hipHeight: between(0.105, 0.14),
    highHipHeight: between(0.4, 0.65),
    crotchGirth: between(0.31, 0.37),
    crotchHeight: between(0.2, 0.235),
    crotchFront: between(0.44, 0.5),
    legPart: between(0.62, 0.74),
    backWaist: between(0.22, 0.265),
    frontOver: between(0.99, 1.12),
    apex: between(0.58, 0.7),
    sideWaist: between(0.44, 0.54),
    loopOff: between(0.97, 1.03),
    underbustPart: between(0.85, 0.98),
    frontShare: between(0.45, 0.56),
    depth: between(0.145, 0.185),
    sides: between(0.96, 1),
    strain: between(0, 0.25),
    legStrain: between(0, 0.25),
    along: between(0, 0.06),
  })
  .map((given) => {
    const { height, hip, sides } = given;
    // The fuller a body, the less its waist is drawn in.
    const waist = hip * (given.waistPart + (0.12 * (hip - 780)) / 720);
    const highHip = waist + (hip - waist) * given.highHipPart;
    const bust = hip * given.bustPart;
    const [backWaist, frontWaist] = [height * given.backWaist, height * given.backWaist * given.frontOver];
    const crotch = hip * given.crotchGirth + height * given.crotchHeight;
    const leg = hip * given.legPart;
    const cut = (mm: number) => mm / (1 + given.along);
    const planned = (mm: number, strain = given.strain) => mm / (1 + strain);
    return {
      measures: {
        bust,
        waist,
        hip,
        bust_front_arc: bust * given.frontShare,
        waist_front_arc: waist * given.frontShare,
        hip_front_arc: hip * (1 - given.frontShare),
        leg_edge: { left: leg, right: leg * sides },
        crotch_depth: height * given.depth,
      },
      girths: {
        overbust: planned(bust * 0.96),
        bust: planned(bust),
        underbust: planned(bust * given.underbustPart),
        waist: planned(waist),
        highHip: planned(highHip),
        hip: planned(hip),
        leg: { left: planned(leg, given.legStrain), right: planned(leg * sides, given.legStrain) },
      },
      lengths: {
        back_waist: cut(backWaist),
        front_waist: cut(frontWaist),
        side_waist: cut(backWaist * given.sideWaist),
        shoulder_to_apex: cut(frontWaist * given.apex),
        underbust_to_waist: cut(frontWaist * (1 - given.apex) * 0.5),
        trunk_loop: cut((frontWaist + backWaist + crotch) * given.loopOff),
        waist_to_hip: cut(height * given.hipHeight),
        waist_to_high_hip: cut(height * given.hipHeight * given.highHipHeight),
        crotch_front: cut(crotch * given.crotchFront),
        crotch_back: cut(crotch * (1 - given.crotchFront)),
        skirt_side: cut(height * 0.42),
      },
    };
  });

/** Options somebody might set, by recipe. */
const OPTIONS: Readonly<Record<string, fc.Arbitrary<DraftFacts["options"]>>> = {
  brief: fc.record({
    back_leg: fc.constantFrom("straight", "curved", "fuller"),
    waist_drop_front: between(0, 70),
    waist_drop_back: between(0, 50),
    waist_drop_side: between(0, 60),
    leg_raise: between(0, 80),
    leg_raise_front: between(0, 20),
  }),
  onePiece: fc.record({
    neck: fc.constantFrom("scoop", "straight", "v", "plunge"),
    plunge_line: fc.constantFrom("fuller", "plainer"),
    back: fc.constantFrom("scoop", "straps", "high", "halter"),
    halter_from_centre: between(35, 90),
    underbust_band: fc.oneof({ weight: 30, arbitrary: fc.constant(0) }, { weight: 1, arbitrary: between(10, 30) }),
    neck_depth: between(100, 300),
    back_depth: between(80, 360),
    strap_width: between(10, 60),
    leg_raise: between(0, 110),
    back_leg: fc.constantFrom("straight", "curved", "fuller"),
  }),
  camisole: fc.record({
    below_waist: between(60, 420),
    front_rise: between(40, 120),
    back_rise: between(0, 90),
    neck_dip: between(0, 60),
    made_as: fc.constantFrom("test", "garment"),
  }),
  biasSlip: fc.record({
    cowl: between(0, 110),
    facing: between(30, 80),
    front_rise: between(85, 150),
    back_rise: between(0, 90),
    back_dip: between(0, 60),
    strap_width: between(4, 14),
    flare: between(0, 90),
  }),
  skirt: fc.record({ narrow_side: between(0, 30), narrow_back: between(0, 30), knee: between(250, 380) }),
  cup: fc.record({
    seams: fc.constantFrom("cross", "crossVertical", "vertical", "threePieces"),
    cross_shift: between(-15, 15),
    upright_shift: between(-15, 15),
    sides: fc.constantFrom("own", "larger"),
    cup_strain: between(0, 0.06),
    cloth_gives: fc.constant(0.6),
  }),
  softBra: fc.record({
    seams: fc.constantFrom("cross", "vertical"),
    strap_shift: between(-10, 25),
    cradle_depth: between(16, 60),
    bridge_dip: between(0, 20),
    bottom_arch: between(0, 4),
    edge_fold: between(4, 12),
    back: fc.constantFrom("fold", "hooks"),
    back_height: between(30, 80),
    cup_strain: between(0, 0.06),
    cloth_gives: fc.constant(0.6),
  }),
  wiredBra: fc.record({
    seams: fc.constantFrom("cross", "crossVertical", "threePieces"),
    sides: fc.constantFrom("own", "larger"),
    strap_shift: between(-10, 25),
    cradle_depth: between(18, 40),
    bridge_part: between(0.2, 0.4),
    bridge_dip: between(0, 10),
    bottom_arch: between(0, 5),
    edge_fold: between(4, 12),
    hook_rows: fc.integer({ min: 1, max: 3 }),
    sling: fc.constantFrom("none", "net"),
    cloth_gives: fc.constant(0.6),
  }),
  corset: fc.record({
    panels: fc.integer({ min: 4, max: 7 }),
    side_seam: fc.integer({ min: 2, max: 3 }),
    base: fc.constantFrom("usual", "waist", "midRib"),
    weights: fc.constantFrom("even", "sideLed", "halves"),
    above_front: between(20, 90),
    above_side: between(20, 70),
    above_back: between(20, 60),
    upper_edge: fc.constantFrom("plain", "noSleeve", "sleeve"),
    front: fc.constantFrom("fold", "opens", "seam"),
    open_top: fc.constantFrom(0, 40),
    gap: fc.constantFrom(0, 45),
    added: between(0, 12),
  }),
  rectangle: fc.record({
    kind: fc.constantFrom("strap", "tie", "band", "loop", "binding", "casing"),
    width: between(2, 100),
    length: between(20, 1400),
    count: fc.integer({ min: 1, max: 8 }),
  }),
};

/** Both breasts of a body, unlike one another by a few parts in a hundred, as measures are named. */
const anyBreasts = fc.tuple(anyBreast, between(0.94, 1.06)).map(([breast, other]) => {
  const sides = (mm: number | null) => ({ left: mm ?? 0, right: (mm ?? 0) * other });
  return {
    measures: {
      root_width: sides(breast.rootWidthMm),
      root_height: sides(breast.rootHeightMm),
      wire_line: sides(breast.wireLineMm),
      projection: sides(breast.projectionMm),
      lower_cup: sides(breast.lowerCupMm),
      upper_cup: sides(breast.upperCupMm),
      cross_cup: sides(breast.crossCupMm),
    },
    girths: {},
    lengths: {},
  };
});

/** A breast of either side on a body that is wide enough for both, with a band planned for it. */
const anyBust = fc
  .tuple(anyBreasts, between(1.5, 2.2), between(0.14, 0.34), between(0.08, 0.3))
  .map(([{ measures }, roundPart, bridgePart, strain]) => {
    const width = Math.max(measures.root_width.left, measures.root_width.right);
    const underbust = 2 * width * (1 + roundPart);
    return {
      measures: { ...measures, bridge_width: width * bridgePart, underbust },
      girths: { underbust: underbust / (1 + strain) },
      lengths: {},
    };
  });

/** A body with the heights a boned garment needs, closed by so much at the waist. */
const anyLaced = fc
  .record({
    waist: between(580, 1200),
    ribs: between(1.02, 1.16),
    highHip: between(1.08, 1.22),
    hip: between(1.04, 1.14),
    bust: between(1.04, 1.2),
    off: between(0, 0.1),
    gap: between(0, 60),
    height: between(0.85, 1.15),
    tilt: between(0.9, 1.1),
  })
  .map(({ waist, ribs, highHip, hip, bust, off, gap, height, tilt }) => {
    const underbust = waist * ribs;
    const down = (name: string, mm: number) => ({
      [`height_${name}_front`]: mm * height,
      [`height_${name}_side`]: mm * height * tilt,
      [`height_${name}_back`]: mm * height * (2 - tilt),
    });
    return {
      measures: {
        ...down("bust_underbust", 85),
        ...down("underbust_mid_rib", 70),
        ...down("mid_rib_waist", 70),
        ...down("waist_high_hip", 105),
        ...down("high_hip_hip", 95),
        waist_to_lap: 300,
      },
      girths: {
        bust: underbust * bust - gap,
        underbust: underbust - gap,
        midRib: (underbust + waist) / 2 - gap,
        waist: waist * (1 - off) - gap,
        highHip: waist * highHip - gap,
        lowerEdge: waist * highHip * hip - gap,
      },
      lengths: {},
    };
  });

const bodyFor = (recipe: string): fc.Arbitrary<Omit<DraftFacts, "options">> => {
  if (recipe === "cup") return anyBreasts;
  if (recipe === "corset") return anyLaced;
  return recipe.endsWith("Bra") ? anyBust : anyBody;
};

/** What a recipe might be asked to draw: a body, its plan and options. */
export const anyDraft = (recipe: string): fc.Arbitrary<DraftFacts> =>
  fc.tuple(bodyFor(recipe), OPTIONS[recipe] ?? fc.constant({})).map(([body, options]) => ({ ...body, options }));
