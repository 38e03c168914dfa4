import { isSettled } from "../change/changeStatus.ts";
import type { Finding, Fitting } from "../fitting.ts";
import type { CarriedChange } from "./frozenPlan.ts";
import { frozenRings } from "./frozenRings.ts";
import type { NextRing } from "./nextPlan.ts";
import { ringIn } from "./nextPlan.ts";
import { judgedGirthMm, type Prototype } from "./prototype.ts";
import type { RingId } from "./rings.ts";

/** A ring in two prototypes, mm; null where one has not got it, or it was not measured. */
export interface ComparedRing extends RingId {
  readonly a: ComparedGirth | null;
  readonly b: ComparedGirth | null;
}

/** A ring of one prototype. */
export interface ComparedGirth {
  readonly plannedMm: number;
  readonly sewnMm: number | null;
  readonly ring: NextRing;
  /** The cloth it was frozen with. */
  readonly stretch: Prototype["frozen"]["stretch"];
}

/** Two prototypes of a job laid side by side, the earlier one first. */
export interface ComparedPrototypes {
  readonly rings: readonly ComparedRing[];
  /** Changes that the later carries and the earlier did not. */
  readonly changes: readonly CarriedChange[];
  readonly foundAtA: readonly Finding[];
  readonly foundAtB: readonly Finding[];
  /** Findings of the earlier that were judged, those cured first. */
  readonly judged: readonly Finding[];
  /** Findings of the earlier that nothing has settled yet. */
  readonly stillOpen: readonly Finding[];
}

/** Compares two prototypes: what changed in the plan, what was found, what was cured, what is still open. */
export function comparePrototypes(a: Prototype, b: Prototype, fittings: readonly Fitting[]): ComparedPrototypes {
  const foundAtA = foundOn(a, fittings);
  const carried = new Set(a.frozen.changes.map(({ changeId }) => changeId));
  const ringsA = frozenRings(a.frozen);
  const ringsB = frozenRings(b.frozen);
  const all = [...ringsA, ...ringsB.filter((ring) => !ringIn(ringsA, ring))];
  const judged = foundAtA.filter(({ judgement }) => judgement !== null);
  return {
    rings: all.map(({ zone, side }) => ({
      zone,
      side,
      a: girthOf(a, ringIn(ringsA, { zone, side })),
      b: girthOf(b, ringIn(ringsB, { zone, side })),
    })),
    changes: b.frozen.changes.filter(({ changeId }) => !carried.has(changeId)),
    foundAtA,
    foundAtB: foundOn(b, fittings),
    judged: judged.toSorted((one, other) => Number(isCured(other)) - Number(isCured(one))),
    stillOpen: foundAtA.filter((finding) => !isSettled(finding)),
  };
}

const isCured = ({ judgement }: Finding): boolean => judgement?.verdict === "cured";

const foundOn = ({ id }: Prototype, fittings: readonly Fitting[]): Finding[] =>
  fittings.filter(({ prototypeId }) => prototypeId === id).flatMap(({ findings }) => findings);

function girthOf(prototype: Prototype, ring: NextRing | undefined): ComparedGirth | null {
  if (!ring) return null;
  const judged = judgedGirthMm(prototype, ring);
  return {
    plannedMm: ring.nowMm,
    sewnMm: judged?.basis === "sewn" ? judged.girthMm : null,
    ring,
    stretch: prototype.frozen.stretch,
  };
}
