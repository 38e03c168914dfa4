export { daysBetween, formatDay, parseDay } from "./day.ts";
export { formatAmount, formatDifference, formatLength, formatLengthWithUnit, type InchStep } from "./formatLength.ts";
export { type LengthUnit, MM_PER_INCH, otherUnit } from "./length.ts";
export { lengthsInText } from "./lengthsInText.ts";
export { parseForce } from "./parseForce.ts";
export { parseLength } from "./parseLength.ts";
export { parseQuantity } from "./parseQuantity.ts";
export { toMmHg } from "./pressure.ts";
