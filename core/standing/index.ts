export { type Elsewhere, filledFrom, saidOtherwise, type ToldElsewhere, toldAt, typedWhere } from "./elsewhere.ts";
export { type CutPerMm, elsewhereOf, SAME_VALUES } from "./sameValues.ts";
