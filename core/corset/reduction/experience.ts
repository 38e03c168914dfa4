/** How used a wearer is to being laced: it decides what is proposed. */
export type Experience = "first" | "experienced";

/** What is proposed at the waist at most: a part of it, and so many millimetres. */
export interface WaistLimit {
  readonly name: string;
  readonly part: number;
  readonly mm: number;
}

/** The smaller of both is proposed. */
export const EXPERIENCES: Readonly<Record<Experience, WaistLimit>> = {
  first: { name: "a first garment", part: 0.05, mm: 40 },
  experienced: { name: "an experienced wearer", part: 0.1, mm: 80 },
};

/** Proposed reduction of a waist, mm: the smaller of a part of it and a length. @param waistMm above 0. */
export const usualReductionMm = (waistMm: number, experience: Experience): number =>
  Math.min(EXPERIENCES[experience].part * waistMm, EXPERIENCES[experience].mm);
