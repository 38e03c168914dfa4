import type { BodyFacts, ClosedGarment } from "../calculation/index.ts";
import { mostPanelTurn, shellOf } from "../drafting/index.ts";
import { PIECES } from "./calculations.ts";
import { panelFacts } from "./corsetFacts.ts";
import type { SetOptions } from "./optionFields.ts";
import type { PieceFacts } from "./pieceFacts.ts";
import { optionsSet, type PiecesReckoning } from "./reckonPieces.ts";

/** Panels as a page has them, and the body they are for: what is tried of their reduction is laid on these. */
export interface TriedOn {
  readonly set: SetOptions;
  readonly usual: PieceFacts["usual"];
  readonly body: BodyFacts | null;
}

const factsOf = ({ usual, body }: TriedOn, closed: ClosedGarment): PieceFacts =>
  panelFacts({ closed, body, rollWidthMm: usual.roll_width ?? null, cups: usual.cup_from_side !== undefined });

/** Panels of the shell as another reduction would have them: what is tried follows at once. */
export function triedPanels(on: TriedOn, closed: ClosedGarment): PiecesReckoning {
  const tried = PIECES.corsetPieces.reckon(on.set, factsOf(on, closed));
  return { ...tried, draft: tried.draft && shellOf(tried.draft) };
}

/** The most any of their seams would turn, mm, without drawing them; null where none come of it. */
export function triedTurn(on: TriedOn, closed: ClosedGarment): number | null {
  const facts = factsOf(on, closed);
  return facts.lacks.length > 0
    ? null
    : mostPanelTurn({ ...facts.drawn, options: optionsSet(PIECES.corsetPieces.recipe, on.set, facts) });
}
