export {
  CHANGE_TARGETS,
  type Change,
  type ChangePart,
  type ChangeTarget,
  type Decision,
  type LinkedLine,
  type OwnChange,
} from "./change/change.ts";
export { type ChangeStatus, changeStatus } from "./change/changeStatus.ts";
export { type Contradiction, limitsLeft, opposites, twice } from "./change/contradictions.ts";
export type { CutOn, CutWay } from "./change/cutOn.ts";
export type { CoursesBefore } from "./change/cuttingCourse.ts";
export { type CuttingLine, type CuttingPiece, cuttingTable, inCuttingOrder } from "./change/cuttingTable.ts";
export { asideWords } from "./change/cuttingWords.ts";
export { decidedChanges } from "./change/decidedChanges.ts";
export { DOING_WORDS, DOINGS, type Doing } from "./change/doing.ts";
export { type JobChange, jobChanges, needsWord, openFindings, toCut, waitingFindings } from "./change/jobChanges.ts";
export { type LengthChanging, lengthEffects } from "./change/lengthEffects.ts";
export { holdsBack, linkedFor, ticked } from "./change/linkedLines.ts";
export { changePartSchema } from "./change/partSchema.ts";
export { isTaken, ownFromStanding, type StandingChange } from "./change/standing.ts";
export { TRACED_REMEDY, type TracedCurve, tracedSchema } from "./change/traced.ts";
export {
  type DecidedChange,
  type DecidedOn,
  decide,
  type Proposed,
  partsApart,
  proposedFor,
  type Word,
} from "./decide/decide.ts";
export { explainEffect } from "./decide/explainEffect.ts";
export { explainPart, explainPerEdge, explainRemedy, shareWords } from "./decide/explainProposal.ts";
export type { Judgement } from "./decide/judgement.ts";
export { type LearnedShares, learnByKind, learnShare, type OutcomeOfKind } from "./decide/learnShare.ts";
export { asWorn, effectiveness, type Outcome, suggestVerdict, VERDICTS, type Verdict } from "./decide/outcome.ts";
export { MOST_SHARE, perEdge, propose } from "./decide/propose.ts";
export { type FindingProposal, proposeFor, strainThere, usualSeams } from "./decide/proposeFor.ts";
export {
  type CheckId,
  type CheckOutcome,
  type CheckResult,
  checkOf,
  checksOf,
  type FitCheck,
  isCheckId,
} from "./finding/checks.ts";
export type { FindingSide } from "./finding/findingSide.ts";
export { findingWords, kindTerm, spotTerm } from "./finding/findingWords.ts";
export {
  FINDING_KIND_IDS,
  type FindingDetail,
  type FindingField,
  type FindingKind,
  type Remedy,
  withoutFormula,
} from "./finding/kinds/findingKind.ts";
export { FINDING_KINDS, findingKindOf, isFindingKindId, kindsAt } from "./finding/kinds/index.ts";
export { placeOf, sideAt, spotsNear, viewsOf } from "./finding/places.ts";
export type { Spot, SpotId } from "./finding/spot.ts";
export { isSpotId, SPOTS, spotOf, spotsOf } from "./finding/spots.ts";
export type { Finding, Fitting, FittingHead, Reading } from "./fitting.ts";
export { sewingError } from "./prototype/asSewn.ts";
export { comparePrototypes } from "./prototype/comparePrototypes.ts";
export { expectedLossMm, layersThickness } from "./prototype/expectedLoss.ts";
export { explainLengthNow, explainLengthStrain } from "./prototype/explainLengthNow.ts";
export { explainLoss } from "./prototype/explainLoss.ts";
export { explainCalibration, explainPull } from "./prototype/explainPull.ts";
export { derivedFromRing, explainNow, explainSewing } from "./prototype/explainRing.ts";
export {
  type CarriedChange,
  FROZEN_FORMAT,
  type FrozenLayer,
  type FrozenLength,
  type FrozenPartLayer,
  type FrozenPlan,
  type FrozenRing,
} from "./prototype/frozenPlan.ts";
export { frozenRings } from "./prototype/frozenRings.ts";
export { likedFromPrototype } from "./prototype/likedFromPrototype.ts";
export { cutLengths, type NextLength, nextLengths } from "./prototype/nextLengths.ts";
export { type NextRing, nextPlan, ringIn } from "./prototype/nextPlan.ts";
export {
  type Annotation,
  judgedGirthMm,
  madeInRealCloth,
  PROTOTYPE_KINDS,
  type Prototype,
  type PrototypeKind,
  type SewnLength,
  type SewnRing,
} from "./prototype/prototype.ts";
export { ringName } from "./prototype/ringName.ts";
export { type PlannedRing, type RingId, ringKey, ringsOf, sameRing } from "./prototype/rings.ts";
export { type SignOffState, signOffState } from "./prototype/signOff.ts";
export { type LengthStep, lengthsStepOn, type RingStep, type Step, stepOn } from "./prototype/stepOn.ts";
export {
  type ClosurePull,
  calibrationOf,
  LEAST_READINGS,
  type NoPrediction,
  predictClosure,
} from "./prototype/tension.ts";
export { type RingCourse, type RingStage, zoneCourses } from "./prototype/zoneCourse.ts";
