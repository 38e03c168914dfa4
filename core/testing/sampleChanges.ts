import type { Change, Fitting, Judgement } from "../fitting/index.ts";
import { sampleChange } from "./sampleRecord.ts";

/** Lengths of a bodice that a waist line moves. */
export const WAISTS = [
  { id: "frontWaist", name: "Front, shoulder to waist", bodyMm: 440, cutMm: 422, codes: ["front_waist"] as const },
  { id: "backWaist", name: "Back, nape to waist", bodyMm: 410, cutMm: 394, codes: ["back_waist"] as const },
  {
    id: "trunk",
    name: "Trunk",
    bodyMm: 1600,
    cutMm: 1500,
    codes: ["front_waist", "crotch_front", "back_waist"] as const,
  },
];

/** One of the amounts of a moved waist line. */
export const part = (id: "front" | "back", amountMm: number, readMm: number) => ({
  ...{ id, pieces: id, line: "lengthen line", lengthId: `${id}Waist`, amountMm, readMm, strain: 0.035 },
});

/** A waist line that sits too low, front and back by their own amounts. */
export const movedWaist = (own: Partial<Change> = {}) =>
  sampleChange({
    ...{ id: 7, on: "line", remedy: "move-line", pieces: "front, back", line: "lengthen line", share: 1 },
    ...{ amountMm: -48.3, strain: 0, parts: [part("front", -48.3, 50), part("back", -25.6, 26.5)] },
    ...own,
  });

/** A change with what was seen of it. */
export const judged = (own: Partial<Change>, verdict: Judgement["verdict"] | null = null) => ({
  change: sampleChange(own),
  judgement: verdict ? { fittingId: 1, residualMm: 0, verdict, note: "" } : null,
});

/** A fitting of the sample prototype. */
export const fitting = (own: Partial<Fitting> = {}): Fitting => ({
  id: 41,
  prototypeId: 21,
  fittedOn: "2026-10-04",
  on: "wearer",
  way: "rightSideOut",
  over: "",
  notes: "",
  findings: [],
  readings: [],
  checks: [],
  version: 1,
  ...own,
});
