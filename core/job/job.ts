import type { Direction } from "../cloth/index.ts";
import {
  type EaseChoice,
  isBoned,
  type LikedLength,
  type Opening,
  type Style,
  type StyleId,
  type Zone,
} from "../ease/index.ts";

/** The end of a job. */
export interface SignOff {
  /** ISO date. */
  readonly on: string;
  /** The maker's words: why what is open may stay open, and what checks were left out. */
  readonly words: string;
}

/** One garment being made for one wearer. */
export interface Job extends EaseChoice {
  readonly id: number;
  readonly name: string;
  /** What it is about, in the maker's words. */
  readonly notes: string;
  readonly styleId: StyleId;
  readonly wearerId: number;
  /** The sheet the plan is made from. */
  readonly sheetId: number | null;
  /** The one cloth it is made of; of no account where there is a layup. */
  readonly clothId: number | null;
  /** Layers it is made of, in place of one cloth; each keeps its own direction. */
  readonly layupId: number | null;
  /** Direction of the one cloth that is laid round the body. */
  readonly girthDirection: Direction;
  /** Elastic in its edges, which may stretch less than the cloth; null where there is none. */
  readonly edgeElasticId: number | null;
  /** Rings that are given an opening. */
  readonly openings: Readonly<Partial<Record<Zone, Opening>>>;
  /** Size chart of the graded pattern it starts from; null where it starts otherwise. */
  readonly chartId: number | null;
  /** Lengths of the pattern it is cut from, mm, to be held against garments that fit. */
  readonly patternLengthsMm: Readonly<Partial<Record<LikedLength, number>>>;
  /** How much stiffer seams and lining make this layup than its swatches, from closure readings; null for no word on it. */
  readonly stiffness: number | null;
  readonly signedOff: SignOff | null;
  readonly version: number;
}

/** A job as it is started, before anything but its wearer and style is known. */
export const newJob = (
  own: Pick<Job, "name" | "styleId" | "wearerId" | "sheetId" | "girthDirection"> & Partial<Omit<Job, "id" | "version">>,
): Omit<Job, "id" | "version"> => ({
  notes: "",
  clothId: null,
  layupId: null,
  edgeElasticId: null,
  openings: {},
  chartId: null,
  patternLengthsMm: {},
  stiffness: null,
  signedOff: null,
  school: null,
  zones: {},
  pressuresKpa: {},
  ...own,
});

/**
 * A job as its style has it planned: boned garments know one school, whose girths are decided as their reduction; whatever else was chosen
 * before there was one is of no account.
 */
export const plannedByStyle = (job: Job, style: Pick<Style, "family">): Job =>
  isBoned(style) ? { ...job, school: "closed", zones: {}, pressuresKpa: {} } : job;
