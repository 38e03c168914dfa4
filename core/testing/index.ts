export { byId } from "./byId.ts";
export { evaluate } from "./evaluate.ts";
export { BREAST, sampleBody } from "./sampleBody.ts";
export {
  SAMPLE_CLOTH,
  SAMPLE_JOB,
  SAMPLE_LADDER_TEST,
  SAMPLE_SHEET,
  SAMPLE_TEST,
  sampleCarried,
  sampleChange,
  sampleFinding,
  sampleFrozen,
  sampleHandTest,
  sampleIngredients,
  sampleLength,
  samplePrototype,
} from "./sampleJob.ts";
export { sampleSoFar } from "./sampleSoFar.ts";
