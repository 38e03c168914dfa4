import { easeSchool } from "./easeSchool.ts";
import { millimetres } from "./millimetres.ts";
import { perCentOff } from "./perCent.ts";
import type { ReductionSchool, ReductionSchoolId } from "./reductionSchool.ts";

/** Every school; adding one is adding a file and a line here. */
export const REDUCTION_SCHOOLS: readonly ReductionSchool[] = [millimetres, perCentOff, easeSchool];

const BY_ID: Readonly<Record<ReductionSchoolId, ReductionSchool>> = {
  mm: millimetres,
  percent: perCentOff,
  ease: easeSchool,
};

/** A school by its id. */
export const reductionSchool = (id: ReductionSchoolId): ReductionSchool => BY_ID[id];

export type { ReductionSchool, ReductionSchoolId } from "./reductionSchool.ts";
