import type { Draft } from "../draft.ts";
import type { Check, Fault } from "./check.ts";
import { dartsFit } from "./dartsFit.ts";
import { edgesApart } from "./edgesApart.ts";
import { elasticsTakeUp } from "./elasticsTakeUp.ts";
import { fitsRoll } from "./fitsRoll.ts";
import { foldsStraight } from "./foldsStraight.ts";
import { girthsSum } from "./girthsSum.ts";
import { limitsKept } from "./limitsKept.ts";
import { linesGoOn } from "./linesGoOn.ts";
import { linksAlike } from "./linksAlike.ts";
import { meetingsMatch } from "./meetingsMatch.ts";
import { needsKept } from "./needsKept.ts";
import { noCrossing } from "./noCrossing.ts";
import { outlineCloses } from "./outlineCloses.ts";
import { seamsMatch } from "./seamsMatch.ts";
import { turnsHeld } from "./turnsHeld.ts";

/** Every rule a draft is held against. */
export const CHECKS: readonly Check[] = [
  seamsMatch,
  meetingsMatch,
  foldsStraight,
  outlineCloses,
  noCrossing,
  linesGoOn,
  dartsFit,
  girthsSum,
  linksAlike,
  elasticsTakeUp,
  limitsKept,
  needsKept,
  edgesApart,
  turnsHeld,
  fitsRoll,
];

/** What a rule came to: once where it holds, once a fault where it does not. */
export interface CheckAnswer extends Partial<Omit<Fault, "message">> {
  readonly id: string;
  readonly ok: boolean;
  readonly message: string;
}

/** Holds a draft against every rule. */
export const checkDraft = (draft: Draft): CheckAnswer[] =>
  CHECKS.flatMap(({ id, holds, faults }): CheckAnswer[] => {
    const found = faults(draft);
    return found.length === 0
      ? [{ id, ok: true, message: holds }]
      : found.map((fault) => ({ id, ok: false, ...fault }));
  });
