import type { Zone } from "./zones.ts";

/** Families of garments that share one liking for stretch. */
export type Family = "swim" | "brief" | "softBra" | "wiredBand" | "slip" | "boned";

/** Plain words for each family. */
export const FAMILY_NAMES: Readonly<Record<Family, string>> = {
  swim: "swim",
  brief: "brief",
  softBra: "soft bra",
  wiredBand: "wired bra band",
  slip: "bodysuit, slip",
  boned: "corset, boned bodice",
};

/** All families. */
export const FAMILIES: readonly Family[] = ["swim", "brief", "softBra", "wiredBand", "slip", "boned"];

/** Every number of the ease plan that is a habit and not a law. A plan says which settings it used. */
export interface EaseSettings {
  /** Taken off each girth of a one-finger sheet, mm. */
  readonly fingerAllowanceMm: number;
  /** Fixed cut: mm taken off each quarter of stretchy cloth, and given to each quarter of stable cloth. */
  readonly fixedCutMm: Readonly<Record<Zone, { readonly stretchy: number; readonly stable: number }>>;
  /** Straight reduction: points (usable stretch, reduction), rising; straight between, flat outside. */
  readonly percentTable: readonly (readonly [number, number])[];
  /** Share of stretch: the part u of the usable stretch that a family uses in a zone. */
  readonly shares: Readonly<Record<Family, Readonly<Partial<Record<Zone, number>>>>>;
  /** Target pressure, kPa, by family and zone; a zone without one starts from what the share school gives. */
  readonly pressureTargetsKpa: Readonly<Record<Family, Readonly<Partial<Record<Zone, number>>>>>;
  /** The part of the usable stretch along the body that a family's lengths use. */
  readonly lengthShares: Readonly<Record<Family, number>>;
  /** Straight reduction takes this part of its reduction off a length. */
  readonly lengthPartOfReduction: number;
  /** φ: the part of a free strip's draw-in that happens in a garment, held by body and seams; 0 to 1. */
  readonly drawInFreedom: number;
  /** Sizes of a graded pattern by which two neighbouring zones may differ. */
  readonly sizeStep: number;
  /** Over this much more bust above the overbust than the chart has, a pattern is sized by the overbust, mm. */
  readonly bustOverChartMm: number;
  /** A trunk that lacks less than this is left as it is, mm. */
  readonly leaveLengthUnderMm: number;
  /** Difference of bust and overbust a pattern is taken to be drafted for where nobody knows, mm. */
  readonly draftedDifferenceMm: number;
  /** Strain of the cup's cloth over the breast, ratio: 0 for rigid or lined cups, 0.03 to 0.06 for stretch lace. */
  readonly cupStrain: number;
  /** Strain of strap elastic in wear, ratio. */
  readonly strapStrain: number;
}

/** The settings as shipped (domain notes, section 4). */
export const SHIPPED_EASE_SETTINGS: EaseSettings = {
  fingerAllowanceMm: 12,
  fixedCutMm: {
    overbust: { stretchy: 20, stable: -6 },
    bust: { stretchy: 20, stable: -6 },
    underbust: { stretchy: 20, stable: -6 },
    waist: { stretchy: 25, stable: -12 },
    highHip: { stretchy: 25, stable: -12 },
    hip: { stretchy: 25, stable: -12 },
    leg: { stretchy: 12, stable: -6 },
    arm: { stretchy: 6, stable: -6 },
  },
  percentTable: [
    [0.15, 0],
    [0.25, 0.02],
    [0.5, 0.06],
    [0.75, 0.1],
    [1, 0.13],
    [1.2, 0.15],
  ],
  shares: {
    swim: { overbust: 0.25, bust: 0.3, underbust: 0.4, waist: 0.25, highHip: 0.28, hip: 0.3, leg: 0.25, arm: 0.2 },
    brief: { waist: 0.22, highHip: 0.24, hip: 0.25, leg: 0.22 },
    softBra: { overbust: 0.25, bust: 0.25, underbust: 0.45, waist: 0.25 },
    wiredBand: { underbust: 0.5 },
    slip: { overbust: 0.15, bust: 0.18, underbust: 0.22, waist: 0.15, highHip: 0.18, hip: 0.2, leg: 0.18, arm: 0.15 },
    // The body gives, not the cloth: no part of its stretch is used.
    boned: {},
  },
  pressureTargetsKpa: { swim: {}, brief: {}, softBra: {}, wiredBand: {}, slip: {}, boned: {} },
  lengthShares: { swim: 0.12, brief: 0.05, softBra: 0.05, wiredBand: 0, slip: 0.05, boned: 0 },
  lengthPartOfReduction: 0.35,
  drawInFreedom: 0.5,
  sizeStep: 1,
  bustOverChartMm: 25,
  leaveLengthUnderMm: 10,
  draftedDifferenceMm: 50,
  cupStrain: 0,
  strapStrain: 0.08,
};
