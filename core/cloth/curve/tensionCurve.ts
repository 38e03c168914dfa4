import { type CurvePoint, cubicAt, firstReaching, type MonotoneCubic, monotoneCubic } from "./monotoneCubic.ts";
import { poolAdjacentViolators } from "./pool.ts";

/** Over this part of the largest tension a pooled point was read wrongly, or the cloth slipped. */
export const LARGEST_QUIET_MOVE = 0.05;

/** A cloth's tension (N/m) by strain, from (0, 0) on, never falling. */
export interface TensionCurve {
  readonly cubic: MonotoneCubic;
  /** Furthest any reading was moved to make the curve rise, as a part of the largest tension. */
  readonly pooledBy: number;
  /** Largest strain that was tested, where it is not the last point: in a sum, the end of the shortest test. */
  readonly testedTo?: number;
}

/** A tension with whether the test went that far. */
export interface TensionThere {
  readonly tensionNPerM: number;
  readonly beyondTest: boolean;
}

/** A strain with whether the test went that far; null where the tension is never reached. */
export interface StrainThere {
  readonly strain: number | null;
  readonly beyondTest: boolean;
}

/**
 * The curve through readings (strain above 0, tension 0 or more, N/m): (0, 0) put in front, sorted by strain, equal
 * strains averaged, made non-decreasing by pooling, a monotone cubic between.
 *
 * @param readings at least one.
 */
export function tensionCurve(readings: readonly CurvePoint[]): TensionCurve {
  const merged = mergeEqualStrains([[0, 0], ...readings]);
  const pooled = poolAdjacentViolators(merged.map(([, tension]) => tension));
  const largest = Math.max(...pooled.values);
  const points = merged.map(([strain], index): CurvePoint => [strain, pooled.values[index] as number]);
  return { cubic: monotoneCubic(points), pooledBy: largest > 0 ? pooled.largestMove / largest : 0 };
}

function mergeEqualStrains(readings: readonly CurvePoint[]): CurvePoint[] {
  const byStrain = new Map<number, number[]>();
  for (const [strain, tension] of readings) byStrain.set(strain, [...(byStrain.get(strain) ?? []), tension]);
  return [...byStrain]
    .toSorted(([a], [b]) => a - b)
    .map(([strain, tensions]) => [strain, tensions.reduce((sum, tension) => sum + tension, 0) / tensions.length]);
}

/** The largest strain the test read. */
export const testedTo = (curve: TensionCurve): number => curve.testedTo ?? (curve.cubic.points.at(-1) as CurvePoint)[0];

/** Tension at a strain: 0 where the cloth hangs slack (strain 0 or less), straight on beyond the last reading. */
export function tensionAt(curve: TensionCurve, strain: number): TensionThere {
  if (strain <= 0) return { tensionNPerM: 0, beyondTest: false };
  const { cubic } = curve;
  const [lastStrain, lastTension] = cubic.points.at(-1) as CurvePoint;
  if (strain <= lastStrain) return { tensionNPerM: cubicAt(cubic, strain), beyondTest: strain > testedTo(curve) };
  return { tensionNPerM: lastTension + lastSlope(cubic) * (strain - lastStrain), beyondTest: true };
}

/** A tension that is less than the wanted one by no more than this part of it is the wanted one, rounded on its way. */
const ROUNDED_AWAY = 1e-12;

/**
 * The smallest strain that reaches a tension (N/m, 0 or more). Where the curve runs level a tension that lost its last
 * digit, as one does on its way through a pressure and back, still finds the beginning of the level.
 */
export function strainAt(curve: TensionCurve, tensionNPerM: number): StrainThere {
  const { cubic } = curve;
  const reached = firstReaching(cubic, tensionNPerM * (1 - ROUNDED_AWAY));
  if (reached !== null) return { strain: reached, beyondTest: reached > testedTo(curve) };
  const [lastStrain, lastTension] = cubic.points.at(-1) as CurvePoint;
  const slope = lastSlope(cubic);
  const strain = lastStrain + (tensionNPerM - lastTension) / slope;
  // A curve that is as good as level reaches the tension at no strain that is a number.
  return { strain: Number.isFinite(strain) ? strain : null, beyondTest: true };
}

/** Slope on which a curve goes on past its last point. */
export const lastSlope = ({ slopes }: MonotoneCubic): number => slopes.at(-1) as number;
