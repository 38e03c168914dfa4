import { arcThrough, arcTo } from "../../figure/index.ts";

/** Measures of one breast that its section is drawn from, mm. */
export interface SectionMeasures {
  readonly rootHeightMm: number;
  readonly projectionMm: number;
  readonly lowerCupMm: number;
  readonly upperCupMm: number;
}

/** A breast in section from the side: chest wall at x = 0, crease at y = 0, upwards is less. mm. */
export interface CupSection {
  readonly path: string;
  readonly apex: readonly [number, number];
  /** Seams too short to span from end to end, which no body has: one of the measures is off. */
  readonly tooShort: readonly ("lowerCup" | "upperCup")[];
}

/**
 * The section of a cup through its apex. How high the apex stands above the crease is not measured: it is where both
 * seams, each the arc of its own length between its ends, bulge alike.
 */
export function cupSection(measures: SectionMeasures): CupSection {
  const { rootHeightMm, projectionMm, lowerCupMm, upperCupMm } = measures;
  const apexHeightMm = apexHeight(measures);
  const apex = [projectionMm, -apexHeightMm] as const;
  const lowerChord = Math.hypot(projectionMm, apexHeightMm);
  const upperChord = Math.hypot(projectionMm, rootHeightMm - apexHeightMm);
  const lower = arcThrough(lowerChord, lowerCupMm);
  const upper = arcThrough(upperChord, upperCupMm);
  return {
    path: `M 0 0 ${arcTo(apex, lower, 0)} ${arcTo([0, -rootHeightMm], upper, 0)}`,
    apex,
    tooShort: [
      ...(lowerCupMm < lowerChord ? (["lowerCup"] as const) : []),
      ...(upperCupMm < upperChord ? (["upperCup"] as const) : []),
    ],
  };
}

const HALVINGS = 50;

/** The height at which both seams are as much longer than their chords: the lower's share falls as the height rises. */
function apexHeight({ rootHeightMm, projectionMm, lowerCupMm, upperCupMm }: SectionMeasures): number {
  let [low, high] = [0, rootHeightMm];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    const lowerBulges = lowerCupMm / Math.hypot(projectionMm, middle);
    const upperBulges = upperCupMm / Math.hypot(projectionMm, rootHeightMm - middle);
    if (lowerBulges > upperBulges) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
