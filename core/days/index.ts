export { daysCalculation } from "./calculation.ts";
export { dayAfter, dayOf, isoOf, isZoneName, type Moment, momentAt, momentOf, timeOf, weekdayOf } from "./clock.ts";
export { type DayCell, type DayView, dayView } from "./dayView.ts";
export { explainShort } from "./explainShort.ts";
export {
  type DaysPlan,
  type JobDays,
  type JobStands,
  type Meeting,
  type PlannedSlot,
  planDays,
  type Waiting,
  waitUntil,
} from "./planDays.ts";
export { WAIT_KINDS, type WaitId, type WaitKind, waitOf } from "./waits/index.ts";
export { waitDoubt } from "./waits/waitDoubt.ts";
export { hoursOf, type Span, shippedHours, WEEKDAYS, WORK_HOURS, type WorkHours } from "./workHours.ts";
export {
  APPOINTMENT_KINDS,
  type Appointment,
  appointmentName,
  type DaysWorking,
  LONGEST_APPOINTMENT_MIN,
  MOST_APPOINTMENTS,
  MOST_WAITS,
  NEW_DAYS,
  type Wait,
} from "./working.ts";
