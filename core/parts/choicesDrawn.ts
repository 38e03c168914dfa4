import type { PiecesId } from "../pieces/index.ts";
import { type DecidedStyle, type DecisionId, OPEN, type PartChoices, type PartOption } from "./decision.ts";
import { decisionsOf } from "./decisions/index.ts";

/** Options of a recipe as they are kept. */
type Options = Readonly<Record<string, unknown>>;

/** How options of pieces were, and as they are kept now. */
interface OptionsKept {
  readonly before: Options;
  readonly now: Options;
}

/**
 * What keeping the options of pieces decides about a garment's parts: a neckline that is chosen at Pieces is chosen. A decision that is open
 * stays so unless its options were changed; one whose options are as no answer has them stays too, and Parts says what is drawn otherwise.
 */
export function choicesDrawn(
  id: PiecesId,
  { before, now }: OptionsKept,
  { choices, style }: { readonly choices: PartChoices; readonly style: DecidedStyle },
): Partial<PartChoices> {
  const drawn: Partial<Record<DecisionId, string>> = {};
  for (const decision of decisionsOf(style)) {
    const own = decision.options.filter(({ sets }) => sets?.[id]);
    const [match, ...others] = own.filter((option) => isDrawn(option, id, now));
    const touched = own.some(({ sets }) => Object.keys(sets?.[id] ?? {}).some((name) => before[name] !== now[name]));
    const asked = choices[decision.id] === OPEN ? touched : true;
    if (match && others.length === 0 && asked && match.id !== choices[decision.id]) drawn[decision.id] = match.id;
  }
  return drawn;
}

const isDrawn = ({ sets }: PartOption, id: PiecesId, now: Options): boolean =>
  Object.entries(sets?.[id] ?? {}).every(([name, value]) => now[name] === value);
