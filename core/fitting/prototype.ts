import type { MeasureCode, Sheet } from "../body/index.ts";
import type { Cloth, ClothStretch, Direction, SwatchTest, TensionCurve } from "../cloth/index.ts";
import type { Closure, EaseChoice, EaseSettings, SchoolId, Style, StyleId, Zone } from "../ease/index.ts";
import type { Workings } from "../workings/index.ts";
import type { Change } from "./change.ts";
import type { PlannedRing, RingId } from "./rings.ts";

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

/** A change as it was carried into a prototype. */
export interface CarriedChange
  extends Pick<
    Change,
    "on" | "spot" | "zone" | "side" | "amountMm" | "lengthId" | "pieces" | "line" | "blend" | "parts"
  > {
  readonly changeId: number;
  /** Null in prototypes of the first format, which did not freeze it. */
  readonly seams: number | null;
  /** Name of the finding it answers; empty in prototypes of the first format. */
  readonly why: string;
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
  /** Body lengths it runs along; none in prototypes of the first format. */
  readonly codes: readonly MeasureCode[];
  /** Changes carried in, and the length to sew. */
  readonly changedMm: number;
  readonly nowMm: number;
}

/** Format a plan is frozen in; what was frozen in an older one is brought up as it is read (`core/job/frozen`). */
export const FROZEN_FORMAT = 2;

/** All that a prototype was made from, copied on the day it was started. Later edits elsewhere never reach it. */
export interface FrozenPlan {
  readonly format: typeof FROZEN_FORMAT;
  readonly styleId: StyleId;
  readonly wearerName: string;
  readonly sheet: Sheet;
  readonly cloth: Pick<Cloth, "id" | "name" | "kind" | "composition">;
  /** The first format held the whole hand test here; nothing but these three is read back. */
  readonly test: Pick<SwatchTest, "id" | "direction" | "testedOn">;
  readonly stretch: Pick<ClothStretch, "usable" | "growth" | "recovery" | "willBag"> & {
    /** Summed tension in wear; null where a layer had no ladder. */
    readonly wear: TensionCurve | null;
    /** How much stiffer seams and lining make it than its swatches, as factor in `wear`; null for no word on it. */
    readonly stiffness: number | null;
  };
  readonly school: SchoolId;
  readonly settings: EaseSettings;
  /** The style as it was. */
  readonly style: Style;
  /** Every layer with its test. */
  readonly layers: readonly FrozenLayer[];
  /** What was chosen beside the school, by zone. */
  readonly choice: Pick<EaseChoice, "zones" | "pressuresKpa">;
  readonly closures: Readonly<Partial<Record<Zone, Closure>>>;
  /** Lengths as cut. */
  readonly lengths: readonly FrozenLength[];
  /** What was entered for torso, cups and band. */
  readonly workings: Partial<Workings>;
  /** What the calculations want looked at in a fitting. */
  readonly watch: readonly string[];
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
  const planned = frozen.lengths.find(({ id }) => id === lengthId);
  if (!planned) return null;
  const sewn = sewnLengths.find(({ id }) => id === lengthId);
  const { bodyMm } = planned;
  if (sewn) return { lengthMm: sewn.sewnMm, bodyMm, basis: "sewn" };
  return { lengthMm: planned.nowMm, bodyMm, basis: "planned" };
}
