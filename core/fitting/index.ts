export { sewingError } from "./asSewn.ts";
export {
  CHANGE_TARGETS,
  type Change,
  type ChangePart,
  type ChangeTarget,
  type Decision,
  LATER_STEPS,
  type LinkedLine,
  type OwnChange,
} from "./change.ts";
export { type ChangeStatus, changeStatus } from "./changeStatus.ts";
export {
  type CheckId,
  type CheckOutcome,
  type CheckResult,
  checkOf,
  checksOf,
  type FitCheck,
  isCheckId,
} from "./checks.ts";
export { comparePrototypes } from "./comparePrototypes.ts";
export { type Contradiction, limitsLeft, opposites, twice } from "./contradictions.ts";
export type { CoursesBefore } from "./cuttingCourse.ts";
export { type CuttingLine, type CuttingPiece, cuttingTable, DOING_WORDS } from "./cuttingTable.ts";
export { asideWords } from "./cuttingWords.ts";
export {
  type DecidedChange,
  type DecidedOn,
  decide,
  type Proposed,
  partsApart,
  proposedFor,
  type Word,
} from "./decide.ts";
export { decidedChanges } from "./decidedChanges.ts";
export { expectedLossMm, layersThickness } from "./expectedLoss.ts";
export { explainEffect } from "./explain/explainEffect.ts";
export { explainLengthNow, explainLengthStrain } from "./explain/explainLengthNow.ts";
export { explainLoss } from "./explain/explainLoss.ts";
export { explainPart, explainPerEdge, explainRemedy, shareWords } from "./explain/explainProposal.ts";
export { explainCalibration, explainPull } from "./explain/explainPull.ts";
export { derivedFromRing, explainNow, explainSewing } from "./explain/explainRing.ts";
export type { FindingSide } from "./findingSide.ts";
export {
  FINDING_KIND_IDS,
  type FindingDetail,
  type FindingField,
  type FindingKind,
  type Remedy,
  withoutFormula,
} from "./findings/findingKind.ts";
export { FINDING_KINDS, findingKindOf, isFindingKindId, kindsAt } from "./findings/index.ts";
export { findingWords, kindTerm, spotTerm } from "./findingWords.ts";
export type { Finding, Fitting, FittingHead, Reading } from "./fitting.ts";
export { frozenRings } from "./frozenRings.ts";
export { type JobChange, jobChanges, needsWord, openFindings, toCut, waitingFindings } from "./jobChanges.ts";
export type { Judgement } from "./judgement.ts";
export { type LearnedShares, learnByKind, learnShare, type OutcomeOfKind } from "./learnShare.ts";
export type { LengthChanging } from "./lengthEffects.ts";
export { likedFromPrototype } from "./likedFromPrototype.ts";
export { holdsBack, linkedFor, ticked } from "./linkedLines.ts";
export { cutLengths, type NextLength, nextLengths } from "./nextLengths.ts";
export { type NextRing, nextPlan, ringIn } from "./nextPlan.ts";
export { asWorn, effectiveness, type Outcome, suggestVerdict, VERDICTS, type Verdict } from "./outcome.ts";
export { placeOf, sideAt, spotsNear, viewsOf } from "./places.ts";
export { MOST_SHARE, perEdge, propose } from "./propose.ts";
export { type FindingProposal, proposeFor, strainThere, usualSeams } from "./proposeFor.ts";
export {
  type Annotation,
  type CarriedChange,
  FROZEN_FORMAT,
  type FrozenLayer,
  type FrozenLength,
  type FrozenPlan,
  type FrozenRing,
  judgedGirthMm,
  madeInRealCloth,
  PROTOTYPE_KINDS,
  type Prototype,
  type PrototypeKind,
  type SewnLength,
  type SewnRing,
} from "./prototype.ts";
export { ringName } from "./ringName.ts";
export { type PlannedRing, type RingId, ringKey, ringsOf, sameRing } from "./rings.ts";
export { type SignOffState, signOffState } from "./signOff.ts";
export { isSpotId, SPOTS, type Spot, type SpotId, spotOf, spotsOf } from "./spots.ts";
export { isTaken, ownFromStanding, type StandingChange } from "./standing.ts";
export { type LengthStep, lengthsStepOn, type RingStep, type Step, stepOn } from "./stepOn.ts";
export { type ClosurePull, calibrationOf, LEAST_READINGS, type NoPrediction, predictClosure } from "./tension.ts";
export { type RingCourse, type RingStage, zoneCourses } from "./zoneCourse.ts";
