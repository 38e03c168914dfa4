import { type Static, Type } from "typebox";

/** No job has more steps of its own. */
export const MOST_OWN_STEPS = 60;

/** Longest a step is said to have taken, minutes: a week of days and nights. */
export const LONGEST_MIN = 10_080;

const id = () => Type.String({ pattern: "^[a-zA-Z0-9-]{1,40}$" });
const moment = () => Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}(?:\\.\\d+)?Z$" });
const minutes = () => Type.Number({ minimum: 0, maximum: LONGEST_MIN });

/** What is kept of the sewing of a garment, value by value. */
export const SEWING_UNFIELDED = {
  /** Steps in the maker's own order; those that are not here come where they usually do. */
  order: Type.Array(id(), { maxItems: 200 }),
  own: Type.Array(
    Type.Object({ id: id(), name: Type.String({ minLength: 1, maxLength: 120 }) }, { additionalProperties: false }),
    { maxItems: MOST_OWN_STEPS },
  ),
  /** When each was done, UTC. */
  done: Type.Record(id(), moment()),
  /** How long was sewn at each so far, minutes. */
  spent: Type.Record(id(), minutes()),
  /** Steps this garment does without. */
  left: Type.Array(id(), { maxItems: 200 }),
  /** What is being timed, and since when, UTC. */
  timer: Type.Union([Type.Object({ step: id(), since: moment() }, { additionalProperties: false }), Type.Null()]),
} as const;

/** A step of the maker's own. */
export type OwnStep = Static<(typeof SEWING_UNFIELDED)["own"]>[number];

/** What is kept of the sewing of a garment. Minutes, moments in UTC. */
export interface SewingWorking {
  readonly order: readonly string[];
  readonly own: readonly OwnStep[];
  readonly done: Readonly<Record<string, string>>;
  readonly spent: Readonly<Record<string, number>>;
  readonly left: readonly string[];
  readonly timer: { readonly step: string; readonly since: string } | null;
}

/** Before anything is sewn. */
export const NEW_SEWING: SewingWorking = { order: [], own: [], done: {}, spent: {}, left: [], timer: null };
