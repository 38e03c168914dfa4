import type { Zone } from "../ease/zones.ts";
import type { FindingKindId } from "./findings/findingKind.ts";
import type { Verdict } from "./outcome.ts";

/** Side of the figure a finding was put on. */
export type FigureView = "front" | "back";

/** Side of the body a finding is on. */
export type FindingSide = "left" | "right" | "both";

/** The maker's answer to a proposal. */
export type Decision = "accepted" | "altered" | "refused";

/** What the maker decided about a finding. Amounts in mm, signed. */
export interface Change {
  readonly id: number;
  readonly findingId: number;
  readonly decision: Decision;
  /** Share and girth change that were proposed at the time. */
  readonly share: number;
  readonly proposedMm: number;
  /** Girth change that was decided; null when refused. */
  readonly amountMm: number | null;
  /** Seams the change is spread over. */
  readonly seams: number;
  /** Why it was altered or refused. */
  readonly reason: string;
  /** Number of the prototype it was cut into; null while it waits for one. */
  readonly cutInto: number | null;
  readonly version: number;
}

/** What a change turned out to have done, seen at the fitting of a later prototype. */
export interface Judgement {
  readonly fittingId: number;
  /** What is left of the finding, mm; negative where it was over-corrected. */
  readonly residualMm: number;
  readonly verdict: Verdict;
  readonly note: string;
}

/** One thing seen or read at a fitting, at a place. */
export interface Finding {
  readonly id: number;
  readonly fittingId: number;
  readonly kind: FindingKindId;
  readonly zone: Zone;
  readonly side: FindingSide;
  readonly view: FigureView;
  /** Place on the figure, as parts of its width and height, 0 to 1. */
  readonly x: number;
  readonly y: number;
  /** Amount read, mm, above 0; a fold already counted twice. */
  readonly amountMm: number;
  readonly amountText: string;
  /** The depth of the fold was read, which counts twice. */
  readonly folded: boolean;
  readonly note: string;
  readonly version: number;
  readonly change: Change | null;
  readonly judgement: Judgement | null;
}

/** `closure`: force that just closes an edge over a height. `lift`: force that just lifts an edge. Never mixed. */
export type ReadingKind = "closure" | "lift";

/** A tension reading. */
export interface Reading {
  readonly id: number;
  readonly zone: Zone;
  readonly kind: ReadingKind;
  readonly newtons: number;
  readonly text: string;
  /** Height of the closure it was read over, mm; null for a lift. */
  readonly heightMm: number | null;
  readonly note: string;
}

/** One try-on of one prototype. */
export interface Fitting {
  readonly id: number;
  readonly prototypeId: number;
  /** ISO date. */
  readonly fittedOn: string;
  /** Tried on the wearer, or on a form that does not breathe. */
  readonly on: "wearer" | "form";
  readonly notes: string;
  readonly findings: readonly Finding[];
  readonly readings: readonly Reading[];
  readonly version: number;
}
