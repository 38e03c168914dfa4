import type { Zone } from "../ease/index.ts";
import type { FigureView } from "../figure/index.ts";
import type { Change } from "./change/change.ts";
import type { Judgement } from "./decide/judgement.ts";
import type { CheckResult } from "./finding/checks.ts";
import type { FindingSide } from "./finding/findingSide.ts";
import type { FindingDetail, FindingKindId } from "./finding/kinds/findingKind.ts";
import type { SpotId } from "./finding/spot.ts";

/** One thing seen or read at a fitting, at a place. */
export interface Finding {
  readonly id: number;
  readonly fittingId: number;
  readonly kind: FindingKindId;
  readonly spot: SpotId;
  /** The girth zone whose cloth and plan it is judged by. */
  readonly zone: Zone;
  readonly side: FindingSide;
  readonly view: FigureView;
  /** Place on the figure, as parts of its width and height, 0 to 1. */
  readonly x: number;
  readonly y: number;
  /** Amount read, mm, above 0, a fold already counted twice; null for a kind that is not read in mm. */
  readonly amountMm: number | null;
  readonly amountText: string;
  /** The depth of the fold was read, which counts twice. */
  readonly folded: boolean;
  /** What else the kind asks for, by the field's id. */
  readonly detail: FindingDetail;
  readonly note: string;
  readonly version: number;
  /** Photos of it, by id. */
  readonly photos: readonly number[];
  readonly change: Change | null;
  readonly judgement: Judgement | null;
}

/** `closure`: force that just closes an edge over a height. `lift`: how far, or by what force, an edge lifts. Never mixed. */
export type ReadingKind = "closure" | "lift";

/** A tension reading. */
export interface Reading {
  readonly id: number;
  readonly zone: Zone;
  readonly kind: ReadingKind;
  readonly side: FindingSide;
  /** Force read, N; null for a lift read as a distance. */
  readonly newtons: number | null;
  readonly text: string;
  /** Height of the closure it was read over, mm; null for a lift. */
  readonly heightMm: number | null;
  /** Force of the elastics that run into a closure, N, so that the cloth is judged alone; null where there are none. */
  readonly elasticsN: number | null;
  /** How far the edge lifted, mm; null where a force was read. */
  readonly liftMm: number | null;
  readonly note: string;
}

/** Which way round a garment was worn. */
export type WornWay = "rightSideOut" | "insideOut";

/** What is written down when a fitting begins. */
export interface FittingHead {
  /** ISO date. */
  readonly fittedOn: string;
  /** Tried on the wearer, or on a form that does not breathe. */
  readonly on: "wearer" | "form";
  readonly way: WornWay;
  /** What was worn under it. */
  readonly over: string;
  readonly notes: string;
}

/** One try-on of one prototype. */
export interface Fitting extends FittingHead {
  readonly id: number;
  readonly prototypeId: number;
  readonly findings: readonly Finding[];
  readonly readings: readonly Reading[];
  readonly checks: readonly CheckResult[];
  readonly version: number;
}
