export { anyBreast, SAMPLE_BREAST } from "./anyBreast.ts";
export { anyDraft } from "./anyDraft.ts";
export { byId } from "./byId.ts";
export { type Path, pathsOf, put } from "./damage.ts";
export { evaluate } from "./evaluate.ts";
export { foundBy, measured, measuredAll } from "./measured.ts";
export { overlapMm2 } from "./overlapMm2.ts";
export { atRest, cutTo, itProposes, RINGS, sewnAt } from "./proposalTable.ts";
export { answer } from "./sampleAnswer.ts";
export { BREAST, sampleBody } from "./sampleBody.ts";
export { braFacts } from "./sampleBra.ts";
export { fitting, judged, movedWaist, part, WAISTS } from "./sampleChanges.ts";
export { chart, sizes } from "./sampleCharts.ts";
export { CLOSED, CORSET_FACTS } from "./sampleCorset.ts";
export { BRIEF_FACTS, draftOf, ONE_PIECE_FACTS, sampleDraft, samplePiece } from "./sampleDraft.ts";
export { anyEdge, parabola, parabolaLength, quarterCircle, SCALES } from "./sampleEdges.ts";
export { SHELF_ELASTIC, shelfSample } from "./sampleElastic.ts";
export {
  SAMPLE_CLOTH,
  SAMPLE_JOB,
  SAMPLE_LADDER_TEST,
  SAMPLE_SHEET,
  SAMPLE_TEST,
  sampleHandTest,
  sampleIngredients,
} from "./sampleJob.ts";
export {
  sampleCarried,
  sampleChange,
  sampleFinding,
  sampleFrozen,
  sampleLength,
  samplePrototype,
} from "./sampleRecord.ts";
export { sampleSetup, sampleTrial } from "./sampleSeam.ts";
export { sampleSoFar } from "./sampleSoFar.ts";
