import { type Static, Type } from "typebox";
import { isoDay } from "../schemaParts.ts";
import { type Moment, momentAt, weekdayOf } from "./clock.ts";

/** Days of the week, from Monday. */
export const WEEKDAYS = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"] as const;

/** Minutes after midnight. */
const minutes = () => Type.Integer({ minimum: 0, maximum: 24 * 60 });
const day = () => isoDay();

/** When a workshop works, as it is kept. */
export const WORK_HOURS = Type.Object(
  {
    /** By its name in the time zone database. */
    zone: Type.String({ minLength: 1, maxLength: 60 }),
    /** Hours of each weekday from Monday, from and to, in their order. */
    week: Type.Array(Type.Array(Type.Tuple([minutes(), minutes()]), { maxItems: 6 }), { minItems: 7, maxItems: 7 }),
    /** Days nobody works, ISO. */
    off: Type.Array(day(), { maxItems: 400 }),
    /** True where wearers and jobs may be named in a calendar that leaves the house. */
    named: Type.Boolean(),
    /** So long before an appointment a calendar reminds, minutes; null for never. */
    remindMin: Type.Union([Type.Integer({ minimum: 0, maximum: 20_160 }), Type.Null()]),
    /** What opens the calendar to those who subscribe to it; null while it is shut. */
    secret: Type.Union([Type.String({ pattern: "^[A-Za-z0-9_-]{20,80}$" }), Type.Null()]),
  },
  { additionalProperties: false },
);

/** When a workshop works. */
export type WorkHours = Static<typeof WORK_HOURS>;

/** As shipped: Monday to Friday, nine to one and two to half past five. The zone is the machine's own. */
export const shippedHours = (zone: string): WorkHours => ({
  zone,
  week: [0, 1, 2, 3, 4, 5, 6].map((at) =>
    at < 5
      ? [
          [540, 780],
          [840, 1050],
        ]
      : [],
  ),
  ...{ off: [], named: false, remindMin: 60, secret: null },
});

/** From and to, in moments: from is before to. */
export interface Span {
  readonly from: Moment;
  readonly to: Moment;
}

/** The working hours of a day. */
export const hoursOf = ({ zone, week, off }: Pick<WorkHours, "zone" | "week" | "off">, of: string): Span[] =>
  off.includes(of)
    ? []
    : (week[weekdayOf(of)] ?? []).map(([from, to]) => ({
        from: momentAt(of, from, zone),
        to: momentAt(of, to, zone),
      }));

/** What is left of spans once others are taken out of them; both in order. */
export function without(spans: readonly Span[], taken: readonly Span[]): Span[] {
  const left: Span[] = [];
  for (const span of spans) {
    let { from } = span;
    for (const one of taken) {
      if (one.to <= from || one.from >= span.to) continue;
      if (one.from > from) left.push({ from, to: one.from });
      from = Math.max(from, one.to);
    }
    if (from < span.to) left.push({ from, to: span.to });
  }
  return left;
}
