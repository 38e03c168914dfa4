export { leftOut, type PartOfStyle, partsOfStyle } from "./belongs.ts";
export { partsCalculation } from "./calculation.ts";
export { choicesDrawn } from "./choicesDrawn.ts";
export {
  DECISION_IDS,
  type DecidedStyle,
  type DecisionId,
  hasLegs,
  isBottom,
  isTop,
  isWhole,
  OPEN,
  type PartChoices,
} from "./decision.ts";
export { DECISIONS, decisionsOf } from "./decisions/index.ts";
export type { PartsFacts } from "./partsFacts.ts";
export type { PieceRow } from "./pieceRows.ts";
export { checksOf, openedBy, optionsSetBy, type PartsReckoning, tiedAtNeck } from "./reckonParts.ts";
export { PART_RULES } from "./rules/index.ts";
export { NEW_PARTS, type PartsWorking } from "./working.ts";
