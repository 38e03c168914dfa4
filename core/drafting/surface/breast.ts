import { cupVolumeCm3 } from "../../cups/index.ts";
import { lately } from "../../lately.ts";
import { fail, ok, type Result } from "../../result.ts";
import { type Point, point } from "../geometry/index.ts";
import { type Arc, aboutFromApex, arcHeight, powerFor } from "./arc.ts";
import type { Place3 } from "./place.ts";
import { outlineFrom, type RootOutline, rootOutline } from "./rootOutline.ts";

/** What of one breast its surface is drawn from, mm; null where it was not taken. */
export interface BreastMeasures {
  readonly rootWidthMm: number;
  readonly rootHeightMm: number;
  readonly wireLineMm: number | null;
  readonly projectionMm: number;
  readonly lowerCupMm: number;
  readonly upperCupMm: number;
  readonly crossCupMm: number;
}

/** A breast as a surface over its root. */
export interface Breast {
  readonly root: RootOutline;
  /** Foot of the apex on the root, and how far it stands before it. */
  readonly foot: Point;
  readonly projectionMm: number;
  /** Of the arc in each of {@link DIRECTIONS} directions round the foot. */
  readonly powers: readonly number[];
  /** cm³ */
  readonly volumeCm3: number;
  /** Half an ellipsoid over the root, as the cup's dimensions have it, cm³. */
  readonly ellipsoidCm3: number;
}

/** So many directions are worked out; between them the power changes evenly. */
export const DIRECTIONS = 96;

const SPOKES = Array.from({ length: DIRECTIONS }, (_, at) => (2 * Math.PI * at) / DIRECTIONS);

/** Arc over chord below, above and across. */
interface Ratios {
  readonly upright: number;
  readonly across: number;
}

/**
 * The surface of a breast: an apex before its root where the lower and the upper arc bulge alike, and from all round the root to it smooth
 * convex arcs, as long as measured below, above and across, and between in a ratio of arc to chord that changes evenly.
 *
 * While a seam is moved the breast stays: the last few are known.
 *
 * @returns it; or `root-contradicts`, `arcs-contradict`: which measures tell different shapes.
 */
export const breastOf: (measures: BreastMeasures) => Result<Breast> = lately(surfaceOver, { most: 12 });

function surfaceOver(measures: BreastMeasures): Result<Breast> {
  const { rootWidthMm, rootHeightMm, wireLineMm, projectionMm, lowerCupMm, upperCupMm, crossCupMm } = measures;
  const root = rootOutline(rootWidthMm, rootHeightMm, wireLineMm);
  if (!root.ok) return root;
  const foot = apexFoot(root.value, measures);
  if (foot === null)
    return fail(
      "arcs-contradict",
      `Expected lower_cup (${lowerCupMm} mm) and upper_cup (${upperCupMm} mm) to meet over the root, ${rootHeightMm} mm high, at a projection of ${projectionMm} mm, but one is too short for the other: measure both again.`,
    );
  const { lowerMm } = root.value;
  const upright = lowerCupMm / Math.hypot(lowerMm - foot.y, projectionMm);
  // Level with the apex, where a tape is laid over it and a cross seam through it runs.
  const across = crossCupMm / 2 / Math.hypot(outlineFrom(root.value, foot, point(1, 0)), projectionMm);
  const short = [
    ...(upright < 1 - SHORTER ? [`lower_cup and upper_cup (${lowerCupMm} and ${upperCupMm} mm)`] : []),
    ...(across < 1 - SHORTER ? [`cross_cup (${crossCupMm} mm)`] : []),
  ];
  if (short.length > 0)
    return fail(
      "arcs-contradict",
      `Expected ${short.join(" and ")} to be longer than the straight way from the root to an apex ${projectionMm} mm before it, but it is shorter: projection, root and arc tell different shapes.`,
    );
  const powers = powersOf(root.value, foot, projectionMm, {
    upright: Math.max(1, upright),
    across: Math.max(1, across),
  });
  if (!powers)
    return fail(
      "arcs-contradict",
      `Expected arcs that a smooth breast of ${projectionMm} mm projection over a root of ${rootWidthMm} by ${rootHeightMm} mm can have, but lower_cup ${lowerCupMm}, upper_cup ${upperCupMm} or cross_cup ${crossCupMm} mm is longer than the way up and over: measure projection and arcs again.`,
    );
  const breast = { root: root.value, foot, projectionMm, powers };
  return ok({
    ...breast,
    volumeCm3: volumeOf(breast),
    ellipsoidCm3: cupVolumeCm3(measures),
  });
}

/** An arc may be shorter than its chord by this part of it: no tape is finer. */
const SHORTER = 0.004;

/** The foot of the apex is found to this, mm. */
const FOOT_MM = 1e-6;

/** Where lower and upper arc are in the same ratio to their chords; null where that is nowhere over the root. */
function apexFoot({ lowerMm, upperMm }: RootOutline, { projectionMm, lowerCupMm, upperCupMm }: BreastMeasures) {
  const off = (y: number) =>
    lowerCupMm / Math.hypot(lowerMm - y, projectionMm) - upperCupMm / Math.hypot(upperMm + y, projectionMm);
  let [high, low] = [-upperMm, lowerMm];
  if (off(high) > 0 || off(low) < 0) return null;
  while (low - high > FOOT_MM) {
    const middle = (high + low) / 2;
    if (off(middle) < 0) high = middle;
    else low = middle;
  }
  return point(0, (high + low) / 2);
}

/** The power of the arc in every direction; null where no arc is so long. */
function powersOf(root: RootOutline, foot: Point, projectionMm: number, ratios: Ratios): number[] | null {
  const powers: number[] = [];
  for (const [at, spoke] of SPOKES.entries()) {
    // The inner half is the mirror image of the outer: both ends of the cross arc are as far from the apex.
    const twin = powers[(DIRECTIONS / 2 - at + DIRECTIONS) % DIRECTIONS];
    if (twin !== undefined) {
      powers.push(twin);
      continue;
    }
    const acrossMm = outlineFrom(root, foot, point(Math.cos(spoke), Math.sin(spoke)));
    const chord = Math.hypot(acrossMm, projectionMm);
    const power = powerFor(acrossMm, projectionMm, chord * ratioAt(spoke, ratios));
    if (power === null) return null;
    powers.push(power);
  }
  return powers;
}

/** Arc over chord in a direction: between the four that were measured it changes evenly, without a corner at them. */
const ratioAt = (spoke: number, { upright, across }: Ratios): number =>
  across + ((upright - across) * (1 - Math.cos(2 * spoke))) / 2;

/** What of a surface its arcs are found by. */
type Arched = Pick<Breast, "root" | "foot" | "projectionMm" | "powers">;

/** The arc over the place of the root's plane in a direction from the foot of the apex. */
export function arcToward({ root, foot, projectionMm, powers }: Arched, way: Point): Arc {
  const turned = ((Math.atan2(way.y, way.x) / (2 * Math.PI)) * DIRECTIONS + DIRECTIONS) % DIRECTIONS;
  const before = Math.floor(turned) % DIRECTIONS;
  const [from, to] = [powers[before] ?? 2, powers[(before + 1) % DIRECTIONS] ?? 2];
  const size = Math.hypot(way.x, way.y);
  const acrossMm = outlineFrom(root, foot, point(way.x / size, way.y / size));
  return { acrossMm, heightMm: projectionMm, power: from + (to - from) * (turned - Math.floor(turned)) };
}

/** The place of the surface over one of the root's plane. */
export function surfaceAt(breast: Arched, { x, y }: Point): Place3 {
  const way = point(x - breast.foot.x, y - breast.foot.y);
  const rho = Math.hypot(way.x, way.y);
  return { x, y, z: rho === 0 ? breast.projectionMm : arcHeight(arcToward(breast, way), rho) };
}

/** A place of the surface laid flat round the apex: about as far from it as the arc is long, in its direction. */
export function roundApex(breast: Arched, { x, y }: Point): Point {
  const way = point(x - breast.foot.x, y - breast.foot.y);
  const rho = Math.hypot(way.x, way.y);
  if (rho === 0) return point(0, 0);
  const far = aboutFromApex(arcToward(breast, way), rho) / rho;
  return point(way.x * far, way.y * far);
}

/** Rings a volume is summed over in each direction. */
const RINGS = 40;

/** What lies between a surface and its root, cm³: its height over every ring of every direction, each ring by its middle. */
function volumeOf(breast: Arched): number {
  let mm3 = 0;
  for (const spoke of SPOKES) {
    const arc = arcToward(breast, point(Math.cos(spoke), Math.sin(spoke)));
    for (let ring = 0; ring < RINGS; ring += 1) {
      const rho = ((ring + 0.5) / RINGS) * arc.acrossMm;
      mm3 += arcHeight(arc, rho) * rho * (arc.acrossMm / RINGS) * ((2 * Math.PI) / DIRECTIONS);
    }
  }
  return mm3 / 1000;
}
