import type { Family } from "../../ease/index.ts";

/** What was tried in the garment. */
export type CheckId = "stand" | "breathe" | "sit" | "bend" | "armsUp" | "stroke" | "squat" | "wear" | "wet" | "onOff";

/** How a check went; one without an entry was not tried. */
export type CheckOutcome = "pass" | "fail" | "notTried";

/** One check of a fitting. */
export interface CheckResult {
  readonly check: CheckId;
  readonly outcome: CheckOutcome;
  readonly note: string;
}

/** A check with how it is done; timed ones hold for so long. */
export interface FitCheck {
  readonly id: CheckId;
  readonly name: string;
  readonly how: string;
  /** Seconds it is held; null where it takes no set time. */
  readonly seconds: number | null;
}

const ALL: Readonly<Record<CheckId, FitCheck>> = {
  stand: { id: "stand", name: "Stand", how: "At ease, weight on both feet; look from all sides.", seconds: null },
  breathe: {
    id: "breathe",
    name: "Breathe in fully",
    how: "Deep breaths for half a minute. Breathless, numb or in pain: take it off at once.",
    seconds: 30,
  },
  sit: { id: "sit", name: "Sit", how: "Upright on a hard chair for half a minute; then look for marks.", seconds: 30 },
  bend: { id: "bend", name: "Bend", how: "Forward to touch the shins, then sideways.", seconds: null },
  armsUp: { id: "armsUp", name: "Arms up", how: "Both arms overhead, then crossed in front.", seconds: null },
  stroke: { id: "stroke", name: "Swimming stroke", how: "Ten strokes with both arms, and a push-off.", seconds: null },
  squat: { id: "squat", name: "Squat", how: "Five deep ones; do edges stay where they are?", seconds: null },
  wear: {
    id: "wear",
    name: "30 minutes' wear",
    how: "Then take it off and look for marks: gone in five minutes, or do they stay?",
    seconds: 1800,
  },
  wet: { id: "wet", name: "Wet or soaked", how: "Soak it: does it sag, turn sheer, slide?", seconds: null },
  onOff: { id: "onOff", name: "In and out unaided", how: "By the wearer alone, without hurting seams.", seconds: null },
};

const BY_FAMILY: Readonly<Record<Family, readonly CheckId[]>> = {
  swim: ["stand", "breathe", "sit", "bend", "armsUp", "stroke", "wear", "wet", "onOff"],
  brief: ["stand", "sit", "bend", "squat", "wear", "onOff"],
  softBra: ["stand", "breathe", "sit", "bend", "armsUp", "wear", "onOff"],
  wiredBand: ["stand", "breathe", "sit", "bend", "armsUp", "wear", "onOff"],
  slip: ["stand", "breathe", "sit", "bend", "armsUp", "wear", "onOff"],
  boned: ["stand", "breathe", "sit", "bend", "armsUp", "wear", "onOff"],
};

/** The checks of a style's family, in the order to do them: from standing still to wearing it. */
export const checksOf = (family: Family): FitCheck[] => BY_FAMILY[family].map((id) => ALL[id]);

/** True for a text that names a check. */
export const isCheckId = (text: string): text is CheckId => Object.hasOwn(ALL, text);

/** Looks a check up by its id. */
export const checkOf = (id: CheckId): FitCheck => ALL[id];
