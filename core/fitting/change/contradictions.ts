import { type PassVerdict, passOver, type RingVerdict, type StyleLimits, type Zone } from "../../ease/index.ts";
import type { Judgement } from "../decide/judgement.ts";
import type { NextRing } from "../prototype/nextPlan.ts";
import type { Change } from "./change.ts";
import { type LengthAlong, lengthEffects, liesWithin } from "./lengthEffects.ts";

/** Something the changes of a job do not agree about. */
export type Contradiction =
  /** Two changes pull one place in opposite ways, and nothing was seen between them that asks for it. */
  | {
      readonly what: "opposite";
      readonly place: string;
      readonly zone: Zone;
      readonly changes: readonly [number, number];
    }
  /** Two changes not cut yet take from, or give to, one place in the same direction: perhaps one thing, told twice. */
  | {
      readonly what: "twice";
      readonly place: string;
      readonly zone: Zone;
      readonly changes: readonly [number, number];
      /** What both together come to there, signed, mm. */
      readonly togetherMm: number;
    }
  /** A place was changed there and back and there again: it is the measure or the cloth that is off. */
  | { readonly what: "backAndForth"; readonly place: string; readonly zone: Zone; readonly changes: readonly number[] }
  /** With every change in, a zone leaves what its style allows. */
  | {
      readonly what: "limit";
      readonly zone: Zone;
      readonly limit: "mostShare" | "mostPressureKpa";
      readonly is: number;
      readonly asked: number;
    }
  /** With every change in, a ring no longer goes over what it must pass. */
  | { readonly what: "pullOn"; readonly zone: Zone; readonly verdict: PassVerdict; readonly shortfallMm: number };

/** A change with what was seen of it. */
export interface JudgedChange {
  readonly change: Change;
  readonly judgement: Judgement | null;
}

/** Turns of direction from which a place counts as changed back and forth. */
const TURNS_OF_BACK_AND_FORTH = 2;

/** Changes of one place that pull against one another. */
export function opposites(changes: readonly JudgedChange[]): Contradiction[] {
  const places = new Map<string, JudgedChange[]>();
  for (const one of changes) {
    if (!one.change.amountMm) continue;
    const key = placeKey(one.change);
    places.set(key, [...(places.get(key) ?? []), one]);
  }
  return [...places.values()].flatMap(oppositesAt);
}

/**
 * Changes not cut yet that take the same thing twice: they act on one girth, one length (a length that lies within
 * another is part of it) or one edge, in the same direction, and were decided without a prototype between them.
 */
export function twice(changes: readonly JudgedChange[], lengths: readonly LengthAlong[]): Contradiction[] {
  const uncut = changes.map(({ change }) => change).filter(({ cutInto }) => cutInto === null);
  return uncut.flatMap((later, index) =>
    uncut.slice(0, index).flatMap((earlier): Contradiction[] => {
      if (!sidesMeet(earlier, later)) return [];
      const shared = sharedAct(earlier, later, lengths);
      return shared ? [{ what: "twice", ...shared, zone: later.zone, changes: [earlier.id, later.id] }] : [];
    }),
  );
}

/** The place and sum of what two changes both do; null where they act apart or against one another. */
function sharedAct(
  a: Change,
  b: Change,
  lengths: readonly LengthAlong[],
): { place: string; togetherMm: number } | null {
  for (const one of actsOf(a)) {
    for (const other of actsOf(b)) {
      if (one.byMm * other.byMm <= 0) continue;
      const place = one.key === other.key ? one.place : sharedLength(one, other, lengths);
      if (place !== null) return { place, togetherMm: one.byMm + other.byMm };
    }
  }
  return null;
}

interface Act {
  readonly key: string;
  readonly place: string;
  readonly lengthId: string;
  readonly byMm: number;
}

/** What a change does: to each length it moves, else to the one place it acts on. */
function actsOf(change: Change): Act[] {
  const along = lengthEffects(change).map(({ lengthId, byMm }) => ({
    ...{ key: `length ${lengthId}`, place: lengthId, lengthId, byMm },
  }));
  if (along.length > 0) return along;
  if (!change.amountMm) return [];
  const place = change.on === "girth" ? change.zone : change.spot;
  return [{ key: placeKey(change), place, lengthId: "", byMm: change.amountMm }];
}

function sharedLength(a: Act, b: Act, lengths: readonly LengthAlong[]): string | null {
  if (a.lengthId === "" || b.lengthId === "") return null;
  const [lengthA, lengthB] = [a, b].map((act) => lengths.find(({ id }) => id === act.lengthId));
  if (lengthB && liesWithin(a.lengthId, lengthB, lengths)) return b.lengthId;
  return lengthA && liesWithin(b.lengthId, lengthA, lengths) ? a.lengthId : null;
}

/** Where a change acts: a girth, a length of the plan, or a spot. */
const placeKey = ({ on, zone, lengthId, spot, pieces }: Change): string =>
  on === "girth" ? `girth ${zone}` : on === "length" && lengthId ? `length ${lengthId}` : `${on} ${spot} ${pieces}`;

function oppositesAt(there: readonly JudgedChange[]): Contradiction[] {
  const overlapping = there.flatMap((later, index) => {
    const earlier = there.slice(0, index).findLast(({ change }) => sidesMeet(change, later.change));
    return earlier && isOpposite(earlier.change, later.change) ? [[earlier, later] as const] : [];
  });
  const first = there[0]?.change;
  if (!first) return [];
  const place = first.on === "girth" ? first.zone : first.lengthId || first.spot;
  const openly = overlapping.filter(([earlier, later]) => !(isDone(earlier) && isDone(later)));
  if (openly.length > 0 && overlapping.length >= TURNS_OF_BACK_AND_FORTH) {
    return [{ what: "backAndForth", place, zone: first.zone, changes: there.map(({ change }) => change.id) }];
  }
  return openly
    .filter(([earlier]) => !askedForTheOtherWay(earlier))
    .map(([earlier, later]) => ({
      what: "opposite",
      place,
      zone: later.change.zone,
      changes: [earlier.change.id, later.change.id],
    }));
}

const sidesMeet = (a: Change, b: Change): boolean => a.side === "both" || b.side === "both" || a.side === b.side;

const isOpposite = (a: Change, b: Change): boolean => (a.amountMm ?? 0) * (b.amountMm ?? 0) < 0;

/** A change that was cut and judged is settled: there is nothing to agree about any more. */
const isDone = ({ change, judgement }: JudgedChange): boolean => change.cutInto !== null && judgement !== null;

/** A change that was seen to go too far, or to make things worse, may well be taken back. */
const askedForTheOtherWay = ({ judgement }: JudgedChange): boolean =>
  judgement?.verdict === "overdone" || judgement?.verdict === "worse";

/** Where the plan with every change in leaves the limits of its style. */
export function limitsLeft(
  rings: readonly NextRing[],
  limits: StyleLimits,
  pullOn: readonly Pick<RingVerdict, "ring" | "passMm" | "limit">[],
): Contradiction[] {
  const changed = rings.filter(({ changedMm }) => changedMm !== 0);
  return changed.flatMap((ring): Contradiction[] => {
    const { shareUsed, pull } = ring.consequences;
    const left: Contradiction[] = [];
    if (shareUsed !== null && shareUsed > limits.mostShare)
      left.push({ what: "limit", zone: ring.zone, limit: "mostShare", is: shareUsed, asked: limits.mostShare });
    if (pull && pull.pressureKpa > limits.mostPressureKpa)
      left.push({
        what: "limit",
        zone: ring.zone,
        limit: "mostPressureKpa",
        is: pull.pressureKpa,
        asked: limits.mostPressureKpa,
      });
    for (const { ring: zone, passMm, limit } of pullOn) {
      if (zone !== ring.zone) continue;
      const { verdict, shortfallMm } = passOver(ring.nowMm, passMm, limit.usable);
      if (verdict !== "goes") left.push({ what: "pullOn", zone, verdict, shortfallMm });
    }
    return left;
  });
}
