import { dayOf, type Moment, timeOf } from "../../../core/days/index.ts";
import { formatDay } from "../../../core/units/index.ts";

/** A moment as the workshop's clock shows it: `27 Nov 2026, 14:30`. */
export const momentWords = (moment: Moment, zone: string): string =>
  `${formatDay(dayOf(moment, zone))}, ${timeOf(moment, zone)}`;
