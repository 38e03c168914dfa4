export {
  type Finish,
  type FinishAdds,
  type FinishGiven,
  type FinishSettings,
  SHIPPED_FINISH_SETTINGS,
} from "./finish/finish.ts";
export { FINISHES, finishOf } from "./finish/finishes.ts";
export { finishSettingsSchema, WIDEST_HABIT_MM } from "./finish/finishSchema.ts";
export { followsFinish } from "./finish/follows.ts";
export { GUSSET_STEP_MM, gussetLength } from "./gusset.ts";
