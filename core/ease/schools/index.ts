import { closedSchool } from "./closed.ts";
import { fixedSchool } from "./fixed.ts";
import { likedSchool } from "./liked.ts";
import { percentSchool } from "./percent.ts";
import { pressureSchool } from "./pressure.ts";
import type { School, SchoolId } from "./school.ts";
import { shareSchool } from "./share.ts";

/** All schools in the order of their columns. */
export const SCHOOLS: readonly School[] = [
  fixedSchool,
  percentSchool,
  shareSchool,
  pressureSchool,
  likedSchool,
  closedSchool,
];

/** Schools of garments whose cloth gives: all but that of boned ones. */
export const STRETCH_SCHOOL_IDS: readonly SchoolId[] = SCHOOLS.filter((school) => school !== closedSchool).map(
  ({ id }) => id,
);

/** The ids of all schools. */
export const SCHOOL_IDS: readonly SchoolId[] = SCHOOLS.map(({ id }) => id);

const BY_ID: Readonly<Record<SchoolId, School>> = {
  fixed: fixedSchool,
  percent: percentSchool,
  share: shareSchool,
  pressure: pressureSchool,
  profile: likedSchool,
  closed: closedSchool,
};

/** Looks a school up by its id. */
export const schoolOf = (id: SchoolId): School => BY_ID[id];

/** True for a text that names a school. */
export const isSchoolId = (text: string): text is SchoolId => Object.hasOwn(BY_ID, text);

/** One answer for each school. */
export const bySchool = <T>(answer: (school: SchoolId) => T): Readonly<Record<SchoolId, T>> => ({
  fixed: answer("fixed"),
  percent: answer("percent"),
  share: answer("share"),
  pressure: answer("pressure"),
  profile: answer("profile"),
  closed: answer("closed"),
});
