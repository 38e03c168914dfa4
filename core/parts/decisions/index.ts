import {
  DECISION_IDS,
  type DecidedStyle,
  type Decision,
  type DecisionId,
  OPEN,
  type PartChoices,
  type PartOption,
} from "../decision.ts";
import { back } from "./back.ts";
import { bandClosure } from "./bandClosure.ts";
import { bandLine } from "./bandLine.ts";
import { closure } from "./closure.ts";
import { front } from "./front.ts";
import { leg } from "./leg.ts";
import { lining } from "./lining.ts";
import { overlay } from "./overlay.ts";
import { pocket } from "./pocket.ts";
import { rise } from "./rise.ts";
import { seat } from "./seat.ts";
import { waist } from "./waist.ts";

/** Every decision; adding one is adding a file, its id and a line here. */
export const DECISIONS: Readonly<Record<DecisionId, Decision>> = {
  ...{ front, back, leg, seat, rise, waist, closure, bandClosure, bandLine, lining, pocket, overlay },
};

/** The decisions of a style, in their order. */
export const decisionsOf = (style: DecidedStyle): readonly Decision[] =>
  DECISION_IDS.map((id) => DECISIONS[id]).filter(({ appears }) => appears(style));

/** What was decided, of those decisions a style has. */
export const optionsChosen = (
  choices: PartChoices,
  style: DecidedStyle,
): { decision: Decision; option: PartOption }[] =>
  decisionsOf(style).flatMap((decision) => {
    const option = decision.options.find(({ id }) => id === choices[decision.id]);
    return option ? [{ decision, option }] : [];
  });

/** Decisions a style has that nobody has taken. */
export const decisionsOpen = (choices: PartChoices, style: DecidedStyle): readonly Decision[] =>
  decisionsOf(style).filter(({ id }) => choices[id] === OPEN);
