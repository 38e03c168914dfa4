import type { FrozenPlan } from "./frozenPlan.ts";
import type { RingId } from "./rings.ts";

/** How far a prototype is the real garment; it decides what a fitting of it can tell. */
export type PrototypeKind = "paper" | "toile" | "basted" | "sewn" | "wearable";

/** Kinds with their words. Stretch and tension findings count only from kinds made in the real cloth. */
export const PROTOTYPE_KINDS: readonly {
  readonly id: PrototypeKind;
  readonly name: string;
  readonly realCloth: boolean;
}[] = [
  { id: "paper", name: "paper fit (pinned pattern)", realCloth: false },
  { id: "toile", name: "toile in a similar cloth", realCloth: false },
  { id: "basted", name: "basted in the real cloth", realCloth: true },
  { id: "sewn", name: "sewn in the real cloth", realCloth: true },
  { id: "wearable", name: "wearable garment", realCloth: true },
];

/** True where stretch findings of such a prototype count for the real garment. */
export const madeInRealCloth = (kind: PrototypeKind): boolean =>
  PROTOTYPE_KINDS.some(({ id, realCloth }) => id === kind && realCloth);

/** A ring measured on the sewn garment. */
export interface SewnRing extends RingId {
  /** Full girth at the level the plan has it at, mm: what was measured elsewhere on the garment is as far off as it was off what was drawn there. */
  readonly sewnMm: number;
  /** As typed. */
  readonly text: string;
}

/** A length measured on the sewn garment. */
export interface SewnLength {
  /** Id of the frozen length. */
  readonly id: string;
  readonly sewnMm: number;
  /** As typed. */
  readonly text: string;
}

/** One made-up version of a job, numbered from 1. */
export interface Prototype {
  readonly id: number;
  readonly jobId: number;
  readonly number: number;
  readonly kind: PrototypeKind;
  /** ISO date. */
  readonly startedOn: string;
  readonly frozen: FrozenPlan;
  readonly sewn: readonly SewnRing[];
  readonly sewnLengths: readonly SewnLength[];
  /** Day it was closed, by the next one or by the sign-off: from then on it is only annotated. Null while open. */
  readonly closedOn: string | null;
  readonly annotations: readonly Annotation[];
  readonly version: number;
}

/** Something written to a prototype afterwards; it changes nothing that stands in its record. */
export interface Annotation {
  readonly id: number;
  /** ISO date. */
  readonly writtenOn: string;
  readonly text: string;
}

/** The girth a fitting judges: as sewn where measured, else as planned. */
export function judgedGirthMm(
  prototype: Prototype,
  ring: RingId,
): { girthMm: number; basis: "sewn" | "planned" } | null {
  const same = (other: RingId) => other.zone === ring.zone && other.side === ring.side;
  const sewn = prototype.sewn.find(same);
  if (sewn) return { girthMm: sewn.sewnMm, basis: "sewn" };
  const planned = prototype.frozen.rings.find(same);
  return planned ? { girthMm: planned.nowMm, basis: "planned" } : null;
}

/** The length a fitting judges: as sewn where measured, else as planned with every change in. Null where there is none. */
export function judgedLengthMm(
  { frozen, sewnLengths }: Pick<Prototype, "frozen" | "sewnLengths">,
  lengthId: string,
): { lengthMm: number; bodyMm: number; basis: "sewn" | "planned" } | null {
  const planned = frozen.lengths.find(({ id }) => id === lengthId);
  if (!planned) return null;
  const sewn = sewnLengths.find(({ id }) => id === lengthId);
  const { bodyMm } = planned;
  if (sewn) return { lengthMm: sewn.sewnMm, bodyMm, basis: "sewn" };
  return { lengthMm: planned.nowMm, bodyMm, basis: "planned" };
}
