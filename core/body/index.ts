export { bodyValue } from "./bodyValue.ts";
export { LONG_CODES } from "./catalogue/codes.ts";
export {
  CATALOGUE,
  GROUP_NAMES,
  isMeasureCode,
  measureOf,
  nameOf,
  placesOf,
  type SheetPlace,
  sidesOf,
} from "./catalogue/index.ts";
export { ANSWER_WORDS, type AnswerWord, answers, type CheckAnswer } from "./checks/answer.ts";
export type { CheckFinding, Repair } from "./checks/check.ts";
export { CHECK_RULES, checkSheet } from "./checks/index.ts";
export { STALE_AFTER_DAYS, STALE_MEASURES, staleDays } from "./checks/stale.ts";
export { type ComparedMeasure, compareSheets } from "./compareSheets.ts";
export { explainSnug } from "./explainSnug.ts";
export type { MeasureCode, MeasureGroup, Side } from "./measure.ts";
export { missingMeasures } from "./missing.ts";
export { type NotTaken, ofItsDay, type Sheet, sheetBefore, WORN_UNDER } from "./sheet.ts";
export { SHEET_PROPERTIES } from "./sheetSchema.ts";
export {
  largerSide,
  type MeasuredValue,
  MOST_TAKES,
  measuredValue,
  type Take,
  type TapeSchool,
  takesOf,
  valueFromTakes,
} from "./sheetValues.ts";
export { sheetWords } from "./sheetWords.ts";
export { type BodyTrunk, bodyTrunk, spreadWords, trunkName } from "./trunk.ts";
export { TRUNK_PARTS, type TrunkPart } from "./trunkPart.ts";
export type { Wearer } from "./wearer.ts";
