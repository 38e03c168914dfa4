import { type Consequences, consequencesOf, wornIn } from "../../ease/index.ts";
import { isSettled } from "../change/changeStatus.ts";
import type { Fitting } from "../fitting.ts";
import type { NextRing } from "./nextPlan.ts";
import type { Prototype } from "./prototype.ts";
import { type RingId, sameRing } from "./rings.ts";
import { predictClosure } from "./tension.ts";

/** One stage of a ring on its way through the prototypes. Lengths in mm. */
export interface RingStage {
  /** Number of the prototype; the next one where it is only planned. */
  readonly prototype: number;
  readonly stage: "planned" | "sewn" | "next";
  /** Changes carried in, of all so far. */
  readonly changedMm: number;
  readonly consequences: Consequences;
}

/** A closure pull of a ring: read and predicted, N. */
export interface RingPull {
  readonly prototype: number;
  readonly measuredN: number;
  readonly predictedN: number;
}

/** A ring over all prototypes of a job: girths with what they do, tension read and predicted, findings open. */
export interface RingCourse extends RingId {
  readonly bodyMm: number;
  readonly stages: readonly RingStage[];
  readonly pulls: readonly RingPull[];
  /** Findings put there at each prototype, and those of them that nothing was judged to have cured. */
  readonly findings: readonly { readonly prototype: number; readonly seen: number; readonly open: number }[];
}

/** The course of every ring planned next, through all prototypes so far. */
export function zoneCourses(
  prototypes: readonly Prototype[],
  fittings: readonly Fitting[],
  next: readonly NextRing[],
): RingCourse[] {
  return next.map((ring) => ({
    zone: ring.zone,
    side: ring.side,
    bodyMm: ring.bodyMm,
    stages: [
      ...prototypes.flatMap((prototype) => stagesOf(ring, prototype)),
      {
        prototype: prototypes.length + 1,
        stage: "next",
        changedMm: ring.changedMm,
        consequences: ring.consequences,
      },
    ],
    pulls: prototypes.flatMap((prototype) => pullsOf(ring, prototype, fittings)),
    findings: prototypes.map((prototype) => findingsOf(ring, prototype, fittings)),
  }));
}

function stagesOf(ring: NextRing, { number, frozen, sewn }: Prototype): RingStage[] {
  const planned = frozen.rings.find((one) => sameRing(one, ring));
  if (!planned) return [];
  const worn = { ...planned, ...wornIn(frozen.style, frozen.stretch) };
  const measured = sewn.find((one) => sameRing(one, ring));
  const { changedMm } = planned;
  return [
    { prototype: number, stage: "planned", changedMm, consequences: consequencesOf(planned.nowMm, worn) },
    ...(measured
      ? [{ prototype: number, stage: "sewn" as const, changedMm, consequences: consequencesOf(measured.sewnMm, worn) }]
      : []),
  ];
}

const fittingsOf = (prototype: Prototype, fittings: readonly Fitting[]): Fitting[] =>
  fittings.filter(({ prototypeId }) => prototypeId === prototype.id);

function pullsOf(ring: RingId, prototype: Prototype, fittings: readonly Fitting[]): RingPull[] {
  return fittingsOf(prototype, fittings)
    .flatMap(({ readings }) => readings)
    .filter(({ zone }) => zone === ring.zone)
    .flatMap((reading) => {
      const pull = predictClosure(reading, prototype);
      if (typeof pull === "string") return [];
      return [{ prototype: prototype.number, measuredN: pull.measuredN, predictedN: pull.predictedN }];
    });
}

function findingsOf(ring: RingId, prototype: Prototype, fittings: readonly Fitting[]) {
  const there = fittingsOf(prototype, fittings)
    .flatMap(({ findings }) => findings)
    .filter(
      ({ zone, side }) => zone === ring.zone && (ring.side === "single" || side === "both" || side === ring.side),
    );
  const settled = there.filter(isSettled);
  return { prototype: prototype.number, seen: there.length, open: there.length - settled.length };
}
