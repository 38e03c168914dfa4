import { dayAfter } from "../days/index.ts";

/** One of the first wears as it is planned. */
export interface PlannedWear {
  readonly on: string;
  readonly minutes: number;
  /** Looser than the gap that is aimed at, mm. */
  readonly looserMm: number;
}

/** The first wears: short, loosely laced, every other day. */
const WEARS: readonly (readonly [minutes: number, looserMm: number])[] = [
  [30, 20],
  [30, 20],
  [45, 15],
  [45, 10],
  [60, 5],
  [60, 0],
];

/** Days from one wear to the next. */
const EVERY_DAYS = 2;

/** A plan of first wears from a day (ISO) on. */
export const firstWears = (from: string): PlannedWear[] =>
  WEARS.map(([minutes, looserMm], at) => ({ on: dayAfter(from, at * EVERY_DAYS), minutes, looserMm }));
