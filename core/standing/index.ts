export {
  type Elsewhere,
  filledFrom,
  holdsFor,
  saidOtherwise,
  type ToldElsewhere,
  toldAt,
  typedWhere,
} from "./elsewhere.ts";
export { type CutPerMm, elsewhereOf, SAME_VALUES } from "./sameValues.ts";
