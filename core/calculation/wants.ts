import { bodyValue, type MeasureCode, measureOf, type Side } from "../body/index.ts";
import { girthBodies, type PlannedBody } from "../ease/index.ts";
import type { Lack } from "./reckoning.ts";

/** The body a working is done on: a sheet, the finger under its tape and how it is named. */
export interface BodyFacts extends PlannedBody {
  readonly fingerAllowanceMm: number;
  /** How explanations name the sheet. */
  readonly source: string;
}

/** Reads measures and entries for a working, and keeps what was wanted and is not there. */
export interface Wants {
  /** A girth, snug, mm. */
  girth(code: MeasureCode): number | null;
  /** A length, width or breast measure, mm. */
  length(code: MeasureCode, side?: Side): number | null;
  /** What the maker types; `name` completes "Still to be typed: …". */
  entry<T>(value: T | null, name: string): T | null;
  /** Something of the job that is chosen or tested elsewhere, in a sentence. */
  plan(message: string, step?: "corset" | "pieces"): null;
  readonly lacks: readonly Lack[];
}

/** A reader over a body; without one every measure is lacking. */
export function wantsOf(body: BodyFacts | null): Wants {
  const lacks: Lack[] = [];
  const lacking = (code: MeasureCode, side: Side): null => {
    const sides: readonly Side[] = side === "single" && measureOf(code).sided ? ["left", "right"] : [side];
    for (const one of sides) lacks.push({ what: "measure", code, side: one });
    return null;
  };
  return {
    lacks,
    girth: (code) => (body && girthBodies(code, body, body.fingerAllowanceMm)?.plan.snugMm) ?? lacking(code, "single"),
    length: (code, side = "single") => (body && bodyValue(body.values, code, side)?.mm) ?? lacking(code, side),
    plan(message, step) {
      lacks.push({ what: "plan", message, ...(step ? { step } : {}) });
      return null;
    },
    entry(value, name) {
      if (value === null) lacks.push({ what: "entry", name });
      return value;
    },
  };
}
