import { dayAfter, dayOf, type Moment, momentAt } from "./clock.ts";
import type { FreeBefore } from "./fillBackward.ts";
import { hoursOf, type Span, type WorkHours, without } from "./workHours.ts";

/** The last of spans that begins before a moment, up to it; null where none does. Spans in order. */
export function lastBefore(spans: readonly Span[], end: Moment): Span | null {
  const span = spans.findLast(({ from }) => from < end);
  return span ? { from: span.from, to: Math.min(span.to, end) } : null;
}

/**
 * Working hours from now on without what is met for, looked at day by day backward: only days that are asked for are worked out, so that a
 * day far off costs nothing.
 * @param meetings in order.
 */
export function freeHours(hours: WorkHours, meetings: readonly Span[], now: Moment): FreeBefore {
  const today = dayOf(now, hours.zone);
  // A workshop that never works would be looked for in vain, day by day.
  if (hours.week.every((spans) => spans.length === 0)) return () => null;
  const known = new Map<string, Span[]>();
  const freeOn = (day: string): Span[] => {
    const before = known.get(day);
    if (before) return before;
    const open = hoursOf(hours, day)
      .filter(({ to }) => to > now)
      .map(({ from, to }) => ({ from: Math.max(from, now), to }));
    const free = open.length === 0 ? open : without(open, meetings);
    known.set(day, free);
    return free;
  };
  let [day, begins] = ["", Number.POSITIVE_INFINITY];
  const goTo = (to: string) => {
    [day, begins] = [to, momentAt(to, 0, hours.zone)];
  };
  return (end) => {
    // What is asked for is mostly the same day or the one before; a jump further back is looked up.
    if (end <= begins) goTo(dayOf(end - 1, hours.zone));
    for (; day >= today; goTo(dayAfter(day, -1))) {
      const free = lastBefore(freeOn(day), end);
      if (free) return free;
    }
    return null;
  };
}
