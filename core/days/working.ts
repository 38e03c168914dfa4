import { type Static, Type } from "typebox";
import { isoDay } from "../schemaParts.ts";
import { WAIT_KINDS } from "./waits/index.ts";

/** What one meets for. */
export const APPOINTMENT_KINDS = [
  { id: "measuring", name: "Measuring" },
  { id: "fitting", name: "Fitting" },
  { id: "handover", name: "Handing over" },
] as const;

/** What an appointment is called. */
export const appointmentName = (kind: Appointment["kind"]): string =>
  APPOINTMENT_KINDS.find(({ id: one }) => one === kind)?.name ?? kind;

/** No job has more of either. */
export const [MOST_APPOINTMENTS, MOST_WAITS] = [60, 60] as const;

/** Longest an appointment lasts, minutes. */
export const LONGEST_APPOINTMENT_MIN = 8 * 60;

const moment = () => Type.String({ pattern: "^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}(?:\\.\\d+)?Z$" });
const id = () => Type.Integer({ minimum: 1, maximum: 100_000 });

/** An appointment as it is kept: when in UTC, how long in minutes. */
export const appointmentSchema = Type.Object(
  {
    id: id(),
    kind: Type.Enum(APPOINTMENT_KINDS.map((one) => one.id)),
    at: moment(),
    minutes: Type.Integer({ minimum: 5, maximum: LONGEST_APPOINTMENT_MIN }),
    note: Type.String({ maxLength: 300 }),
  },
  { additionalProperties: false },
);

/** A wait as it is kept, from when in UTC. */
export const waitSchema = Type.Object(
  {
    id: id(),
    kind: Type.Enum(WAIT_KINDS.map((one) => one.id)),
    since: moment(),
    what: Type.String({ maxLength: 120 }),
  },
  { additionalProperties: false },
);

/** An appointment. */
export type Appointment = Static<typeof appointmentSchema>;

/** A wait. */
export type Wait = Static<typeof waitSchema>;

/** What is kept of the days of a job. */
export interface DaysWorking {
  /** The day it is wanted, ISO; null for none. */
  readonly wantedOn: string | null;
  readonly appointments: readonly Appointment[];
  readonly waits: readonly Wait[];
}

/** Its schema, value by value. */
export const DAYS_UNFIELDED = {
  wantedOn: Type.Union([isoDay(), Type.Null()]),
  appointments: Type.Array(appointmentSchema, { maxItems: MOST_APPOINTMENTS }),
  waits: Type.Array(waitSchema, { maxItems: MOST_WAITS }),
} as const;

/** Before anything is planned. */
export const NEW_DAYS: DaysWorking = { wantedOn: null, appointments: [], waits: [] };
