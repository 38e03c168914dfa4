import { type DecidedStyle, type DecisionId, OPEN, type PartChoices } from "./decision.ts";
import { decisionsOf } from "./decisions/index.ts";
import type { PartsWorking } from "./working.ts";

/** One option of a decision, as a piece of a bought pattern is ticked to it. */
export interface PartOfStyle {
  /** `front/v` */
  readonly value: string;
  /** “Front: V” */
  readonly label: string;
}

/** Every part a piece may go with, of the decisions a style has. */
export const partsOfStyle = (style: DecidedStyle): PartOfStyle[] =>
  decisionsOf(style).flatMap(({ id, name, options }) =>
    options.map((option) => ({ value: `${id}/${option.id}`, label: `${name}: ${option.name}` })),
  );

/** False where a piece goes with a part that was decided otherwise; while it is open, the piece stays. */
export function goesWith(part: string, choices: PartChoices): boolean {
  const [decision = "", option] = part.split("/");
  const chosen = Object.hasOwn(choices, decision) ? choices[decision as DecisionId] : OPEN;
  return chosen === OPEN || chosen === option;
}

/** Why a piece is not cut with the parts that were chosen, in words; null where it is. */
export function apartBy({ belongs, ...choices }: PartsWorking, piece: string, style: DecidedStyle): string | null {
  const part = belongs[piece];
  if (part === undefined || goesWith(part, choices)) return null;
  const label = partsOfStyle(style).find(({ value }) => value === part)?.label ?? part;
  return `Goes with “${label}”: not cut now.`;
}

/** Pieces this garment does without: those left out, and those of parts that were decided otherwise. */
export const leftOut = ({ without, belongs, ...choices }: PartsWorking): readonly string[] => [
  ...without,
  ...Object.keys(belongs).filter((piece) => !goesWith(belongs[piece] ?? "", choices)),
];
