import type { Experience } from "../reduction/experience.ts";
import type { ReductionSchoolId } from "../reduction/schools/index.ts";

/** How a boned garment is closed. */
export type Closing = "laced" | "buskLaced" | "busk" | "zip";

/** What is added to the pattern girth for what its layers eat. */
export type AddBack = "layers" | "all" | "none";

/** What the maker decides of a closed garment. mm, parts; null where the usual is taken, or nothing is known. */
export interface CorsetWorking {
  readonly experience: Experience;
  readonly school: ReductionSchoolId;
  /** One for each school: only that of the chosen one is looked at. */
  readonly offMm: number | null;
  readonly offPart: number | null;
  readonly easeMm: number | null;
  /** Of the garment; by its style where nothing else is said. */
  readonly closing: Closing | "asStyle";
  readonly gapMm: number | null;
  /** Own reductions, above 0 smaller than the body. */
  readonly bustMm: number | null;
  readonly underbustMm: number | null;
  readonly midRibMm: number | null;
  readonly highHipMm: number | null;
  readonly lowerEdgeMm: number | null;
  /** Where the lower edge lies below the waist; at the hip where nothing is typed. */
  readonly lowerFrontMm: number | null;
  readonly lowerSideMm: number | null;
  readonly lowerBackMm: number | null;
  /** Of the body there. */
  readonly lowerGirthMm: number | null;
  readonly thicknessMm: number | null;
  readonly bulkySeams: number | null;
  readonly channels: number | null;
  readonly channelThicknessMm: number | null;
  readonly addBack: AddBack;
  /** Layers of net of an inner corset: how many carry, how many are for the tone of the skin. */
  readonly netStrength: number | null;
  readonly netTone: number | null;
}

/** Before anything is decided. */
export const NEW_CORSET: CorsetWorking = {
  experience: "first",
  school: "mm",
  offMm: null,
  offPart: null,
  easeMm: null,
  closing: "asStyle",
  gapMm: null,
  bustMm: null,
  underbustMm: null,
  midRibMm: null,
  highHipMm: null,
  lowerEdgeMm: null,
  lowerFrontMm: null,
  lowerSideMm: null,
  lowerBackMm: null,
  lowerGirthMm: null,
  thicknessMm: null,
  bulkySeams: null,
  channels: null,
  channelThicknessMm: null,
  addBack: "layers",
  netStrength: null,
  netTone: null,
};

/** The gap of a laced garment where nothing else is typed, mm. */
export const USUAL_GAP_MM = 50;

/** The amount of the school that was chosen; null where the usual is taken. */
export const amountOf = ({ school, offMm, offPart, easeMm }: CorsetWorking): number | null =>
  ({ mm: offMm, percent: offPart, ease: easeMm })[school];

/** A working with another amount at the waist, in the unit of its school. */
export const withAmount = (working: CorsetWorking, amount: number): CorsetWorking => ({
  ...working,
  ...{ mm: { offMm: amount }, percent: { offPart: amount }, ease: { easeMm: amount } }[working.school],
});
