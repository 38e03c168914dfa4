export { type LacePull, lacePullN, lacePullReadings, laceReading, settledN } from "./lacePull.ts";
export { type GaugeReading, gaugeLine, parseGaugeLine } from "./line.ts";
export { practiceErrors } from "./practice.ts";
export { firstBreak, type SeamPull, seamPullReadings, seamReading } from "./seamPull.ts";
export { HOLD_S, RAMP_S, READINGS_PER_S, READINGS_PER_STEP, type SimulatedStep, simulatedReading } from "./simulate.ts";
export { returnStrain, STAND_IN_CLOTHS, type StandInCloth, trueStrain, trueTension } from "./standIn.ts";
export { takeReading } from "./takeReading.ts";
