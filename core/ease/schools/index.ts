import { fixedSchool } from "./fixed.ts";
import { percentSchool } from "./percent.ts";
import type { School, SchoolId } from "./school.ts";
import { shareSchool } from "./share.ts";

/** All schools in the order of their columns. */
export const SCHOOLS: readonly School[] = [fixedSchool, percentSchool, shareSchool];

const BY_ID: Readonly<Record<SchoolId, School>> = {
  fixed: fixedSchool,
  percent: percentSchool,
  share: shareSchool,
};

/** Looks a school up by its id. */
export const schoolOf = (id: SchoolId): School => BY_ID[id];

/** True for a text that names a school. */
export const isSchoolId = (text: string): text is SchoolId => text in BY_ID;
