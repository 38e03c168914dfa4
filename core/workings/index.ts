export {
  calculationOf,
  fieldsOfWorking,
  isWorkingId,
  NEW_WORKINGS,
  type Reckonings,
  reckonWorking,
  WORKING_IDS,
  type WorkingFacts,
  type WorkingId,
  type Workings,
  workingFacts,
  workingsOf,
  workingsOfStep,
} from "./calculations.ts";
export { type Picked, picksOf } from "./picked.ts";
