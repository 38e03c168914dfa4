import { fail, ok, type Result } from "../result.ts";

/** One reading of a force gauge: time since it started (s), force (N) and gauge length (mm). */
export interface GaugeReading {
  readonly t: number;
  readonly n: number;
  readonly mm: number;
}

/** Longest line that is looked at. */
const LONGEST_LINE = 200;

/** Strongest force and longest length a bench gauge reads. */
const MOST_N = 5000;
const MOST_MM = 5000;

/** A reading as its line: one JSON object, `{"t":12.3,"n":1.234,"mm":118.2}`. */
export const gaugeLine = ({ t, n, mm }: GaugeReading): string =>
  JSON.stringify({ t: Number(t.toFixed(3)), n: Number(n.toFixed(4)), mm: Number(mm.toFixed(3)) });

/**
 * Reads one line of a gauge. Other keys are passed over, so that a gauge may tell more.
 *
 * @returns the reading, or `gauge-line-unreadable` with what was expected.
 */
export function parseGaugeLine(text: string): Result<GaugeReading> {
  const problem = fail(
    "gauge-line-unreadable",
    `Expected a line such as {"t":1.5,"n":2.04,"mm":118.2}, but got “${text.slice(0, 60)}”.`,
  );
  if (text.length > LONGEST_LINE) return problem;
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return problem;
  }
  if (typeof value !== "object" || value === null) return problem;
  const { t, n, mm } = value as Partial<Record<keyof GaugeReading, unknown>>;
  const within = (number: unknown, most: number): number is number =>
    typeof number === "number" && number >= -1 && number <= most;
  return within(t, Number.MAX_SAFE_INTEGER) && within(n, MOST_N) && within(mm, MOST_MM) ? ok({ t, n, mm }) : problem;
}
