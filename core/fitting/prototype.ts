import type { MeasureCode, Sheet } from "../body/index.ts";
import type { Cloth, ClothStretch, Direction, SwatchTest, TensionCurve } from "../cloth/index.ts";
import type { Closure, EaseChoice, EaseSettings, SchoolId, Style, StyleId, Zone } from "../ease/index.ts";
import type { Workings } from "../workings/index.ts";
import type { ChangePart } from "./change.ts";
import type { DecidedChange } from "./decidedChange.ts";
import type { PlannedRing, RingId } from "./rings.ts";
import type { SpotId } from "./spots.ts";

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

/** A ring as frozen: planned from body and cloth, the changes carried in, and the girth to sew. mm. */
export interface FrozenRing extends PlannedRing {
  readonly changedMm: number;
  readonly nowMm: number;
}

/** A change as it was carried into a prototype. What is optional is left out in older files, which hold girths only. */
export interface CarriedChange extends DecidedChange {
  readonly changeId: number;
  readonly spot?: SpotId;
  /** Length of the plan it changes; empty for all that is no length. */
  readonly lengthId?: string;
  readonly pieces?: string;
  readonly line?: string;
  readonly blend?: string;
  readonly seams?: number;
  readonly parts?: readonly ChangePart[];
  /** Name of the finding it answers. */
  readonly why?: string;
}

/** A layer as it was. */
export interface FrozenLayer {
  readonly clothId: number;
  readonly name: string;
  readonly direction: Direction;
  readonly testId: number;
  readonly testedOn: string;
  readonly usable: number;
}

/** A length as it was planned, mm. */
export interface FrozenLength {
  readonly id: string;
  readonly name: string;
  readonly bodyMm: number;
  /** From body and cloth, before any change. */
  readonly cutMm: number;
  /** Body lengths it runs along; left out in older files. */
  readonly codes?: readonly MeasureCode[];
  /** Changes carried in, and the length to sew; left out in older files, which were sewn to `cutMm`. */
  readonly changedMm?: number;
  readonly nowMm?: number;
}

/** All that a prototype was made from, copied on the day it was started. Later edits elsewhere never reach it. */
export interface FrozenPlan {
  readonly format: 1;
  readonly styleId: StyleId;
  readonly wearerName: string;
  readonly sheet: Sheet;
  readonly cloth: Pick<Cloth, "id" | "name" | "kind" | "composition">;
  /** Older files hold hand tests only, laid out as they were then; nothing but these three is read back. */
  readonly test: Pick<SwatchTest, "id" | "direction" | "testedOn">;
  readonly stretch: Pick<ClothStretch, "usable" | "growth" | "recovery" | "willBag"> & {
    /** Summed tension in wear; left out in older files and where a layer had no ladder. */
    readonly wear?: TensionCurve | null;
    /** How much stiffer seams and lining make it than its swatches, as factor in `wear`; left out for 1. */
    readonly stiffness?: number;
  };
  readonly school: SchoolId;
  readonly settings: EaseSettings;
  /** The style as it was; left out in older files, which hold shipped styles only. */
  readonly style?: Style;
  /** Every layer with its test; left out in older files, which were made of one cloth. */
  readonly layers?: readonly FrozenLayer[];
  /** What was chosen beside the school, by zone; left out in older files. */
  readonly choice?: Pick<EaseChoice, "zones" | "pressuresKpa">;
  readonly closures?: Readonly<Partial<Record<Zone, Closure>>>;
  /** Lengths as cut; left out in older files. */
  readonly lengths?: readonly FrozenLength[];
  /** What was entered for torso, cups and band; left out in older files. */
  readonly workings?: Partial<Workings>;
  /** What the calculations want looked at in a fitting; left out in older files. */
  readonly watch?: readonly string[];
  readonly rings: readonly FrozenRing[];
  readonly changes: readonly CarriedChange[];
}

/** A ring measured on the sewn garment. */
export interface SewnRing extends RingId {
  /** Full girth, mm. */
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
  const planned = frozen.lengths?.find(({ id }) => id === lengthId);
  if (!planned) return null;
  const sewn = sewnLengths.find(({ id }) => id === lengthId);
  const { bodyMm } = planned;
  if (sewn) return { lengthMm: sewn.sewnMm, bodyMm, basis: "sewn" };
  return { lengthMm: planned.nowMm ?? planned.cutMm, bodyMm, basis: "planned" };
}
