import type { NextLength } from "../prototype/nextLengths.ts";
import { type NextRing, touches } from "../prototype/nextPlan.ts";
import { ringName } from "../prototype/ringName.ts";
import { ringKey } from "../prototype/rings.ts";
import type { Change } from "./change.ts";
import { lengthEffects, liesWithin } from "./lengthEffects.ts";

/** A girth or a length of the garment on its way through a change, mm. */
export interface Course {
  /** Ring or length: `waist`, `backWaist`. */
  readonly id: string;
  readonly name: string;
  /** Lengths that lie within it and carry the change. */
  readonly within: readonly string[];
  readonly fromMm: number;
  readonly toMm: number;
}

/** Girths and lengths as they are cut before the changes that are told. */
export interface CoursesBefore {
  readonly rings: readonly NextRing[];
  readonly lengths: readonly NextLength[];
}

/**
 * From what to what every change takes the girths and lengths it acts on, one after the other in the given order.
 *
 * @returns by the id of the change; those that change no number of the plan have an empty list.
 */
export function coursesOf(changes: readonly Change[], { rings, lengths }: CoursesBefore): Map<number, Course[]> {
  const now = new Map<string, number>([
    ...rings.map((ring) => [ringKey(ring), ring.nowMm] as const),
    ...lengths.map(({ id, nowMm }) => [id, nowMm] as const),
  ]);
  const step = (id: string, name: string, within: readonly string[], byMm: number): Course[] => {
    const fromMm = now.get(id);
    if (fromMm === undefined || byMm === 0) return [];
    now.set(id, fromMm + byMm);
    return [{ id, name, within, fromMm, toMm: fromMm + byMm }];
  };
  return new Map(
    changes.map((change) => [
      change.id,
      [
        ...rings
          .filter((ring) => touches(change, ring))
          .flatMap((ring) => step(ringKey(ring), `${ringName(ring)} girth`, [], change.amountMm ?? 0)),
        ...lengths.flatMap((length) => {
          const effects = lengthEffects(change).filter(({ lengthId }) => liesWithin(lengthId, length, lengths));
          const within = effects.map(({ lengthId }) => lengthId);
          return step(
            length.id,
            length.name,
            within,
            effects.reduce((sum, { byMm }) => sum + byMm, 0),
          );
        }),
      ],
    ]),
  );
}
