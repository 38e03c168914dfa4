import type { DraftFacts } from "../facts.ts";
import { readFacts } from "../readFacts.ts";
import { corset } from "./corset.ts";
import { corsetSide, turnsOf } from "./side.ts";

/** The most any seam between panels turns, mm, without drawing them: for what is tried over and over. Null where no panels come of it. */
export function mostPanelTurn(facts: DraftFacts): number | null {
  const given = readFacts(corset, facts);
  const side = given.ok ? corsetSide(given.value) : given;
  return side.ok ? Math.max(0, ...turnsOf(side.value).map(({ mm }) => mm)) : null;
}
