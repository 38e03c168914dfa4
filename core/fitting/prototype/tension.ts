import { type TensionCurve, tensionAt } from "../../cloth/index.ts";
import { median } from "../../median.ts";
import type { Reading } from "../fitting.ts";
import { judgedGirthMm, type Prototype } from "./prototype.ts";

/** A closure pull as read, beside what the plan makes of it. */
export interface ClosurePull {
  readonly readingId: number;
  readonly measuredN: number;
  /** F_pred = h T(ε) + Σ F_elastic, N. */
  readonly predictedN: number;
  readonly heightMm: number;
  /** T(ε) of the layup as its swatches were tested, N/m. */
  readonly tensionNPerM: number;
  readonly strain: number;
  /** Force of the elastics that run into the closure, N. */
  readonly elasticsN: number;
  /** k = measured / predicted. */
  readonly k: number;
  /** True where the strain lies beyond what was tested. */
  readonly beyondTest: boolean;
}

/** Why a reading cannot be held against the plan. */
export type NoPrediction = "lift" | "noCurve" | "noGirth" | "slack";

/** Readings from which a job's median k may be applied. */
export const LEAST_READINGS = 3;

/**
 * Holds a closure pull against the prototype's plan: its cloth's tension in wear over the height read, at the strain of
 * the garment as it was fitted. A calibration frozen into the plan is taken out again, so that k always compares with
 * the swatches.
 *
 * @returns the reason where there is nothing to hold it against: a lift, no curve, no such girth, or a slack garment.
 */
export function predictClosure(reading: Reading, prototype: Prototype): ClosurePull | NoPrediction {
  if (reading.kind === "lift" || reading.newtons === null || reading.heightMm === null) return "lift";
  const { wear, stiffness } = prototype.frozen.stretch;
  if (!wear) return "noCurve";
  const ring = prototype.frozen.rings.find(({ zone }) => zone === reading.zone);
  const judged = ring ? judgedGirthMm(prototype, ring) : null;
  if (!ring || !judged) return "noGirth";
  const strain = ring.bodyMm / judged.girthMm - 1;
  const { tensionNPerM, beyondTest } = unstiffened(wear, strain, stiffness ?? 1);
  const clothN = (reading.heightMm / 1000) * tensionNPerM;
  if (!(clothN > 0)) return "slack";
  const elasticsN = reading.elasticsN ?? 0;
  return {
    readingId: reading.id,
    measuredN: reading.newtons,
    predictedN: clothN + elasticsN,
    heightMm: reading.heightMm,
    tensionNPerM,
    strain,
    elasticsN,
    k: reading.newtons / (clothN + elasticsN),
    beyondTest,
  };
}

function unstiffened(wear: TensionCurve, strain: number, stiffness: number) {
  const { tensionNPerM, beyondTest } = tensionAt(wear, strain);
  return { tensionNPerM: tensionNPerM / stiffness, beyondTest };
}

/** The median k over a job's closure pulls. */
export interface Calibration {
  /** Null under three readings. */
  readonly k: number | null;
  readonly n: number;
}

/** What a job's closure pulls say of its layup: from three readings on their median k may be applied to its curve. */
export function calibrationOf(pulls: readonly Pick<ClosurePull, "k">[]): Calibration {
  const n = pulls.length;
  return { k: n < LEAST_READINGS ? null : median(pulls.map(({ k }) => k)), n };
}
