import type { WorkHours } from "../../../core/days/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import type { Fields } from "../../form/unsaved.ts";

const clock = (minutes: number): string => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, "0")}`;

/** Name of the field of a weekday. */
export const weekdayField = (at: number): string => `day${at}`;

/** The fields the working hours are edited from. */
export const daysFields = ({ zone, week, off, remindMin, named, secret }: WorkHours): Fields => ({
  zone,
  ...Object.fromEntries(
    week.map((spans, at) => [weekdayField(at), spans.map(([from, to]) => `${clock(from)}-${clock(to)}`).join(", ")]),
  ),
  off: off.map(formatDay).join("\n"),
  remind: remindMin === null ? "" : String(remindMin),
  ...(named ? { named: "yes" } : {}),
  ...(secret === null ? {} : { feed: "yes" }),
});
