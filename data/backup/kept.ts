/** How many backups are kept: those of the last days, the last of each of so many weeks, the last of each of so many months. */
export interface KeepRule {
  readonly days: number;
  readonly weeks: number;
  readonly months: number;
}

const DAY_MS = 24 * 3_600_000;

/** Weeks begin on Monday: the first day of all was a Thursday. */
const weekOf = (at: string): string => String(Math.floor((Date.parse(at) / DAY_MS + 3) / 7));

const dayOf = (at: string): string => at.slice(0, 10);
const monthOf = (at: string): string => at.slice(0, 7);

/**
 * Which backups are kept, by the times they were taken (ISO): the last of each day, week and month, as many as the rule has; the newest
 * of all always. One from a clock that ran ahead counts as any other.
 */
export function keptOf(takenAt: readonly string[], { days, weeks, months }: KeepRule): Set<string> {
  const newestFirst = takenAt.toSorted((a, b) => b.localeCompare(a));
  const lastOfEach = (part: (at: string) => string, most: number): string[] => {
    const seen = new Map<string, string>();
    for (const at of newestFirst) if (!seen.has(part(at))) seen.set(part(at), at);
    return [...seen.values()].slice(0, most);
  };
  return new Set([
    ...newestFirst.slice(0, 1),
    ...lastOfEach(dayOf, days),
    ...lastOfEach(weekOf, weeks),
    ...lastOfEach(monthOf, months),
  ]);
}
