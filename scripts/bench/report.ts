/** One measured figure with what it should stay under. */
export interface Figure {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  /** What an issue asked for; printed beside the figure, never asserted. */
  readonly under?: number;
}

/** What a group of figures gives, one after the other as they are measured; a string is printed as it is. */
export type Figures = AsyncIterable<Figure | string>;

/** Columns for the names: figures are printed before the longest name is known. */
const NAME_WIDTH = 78;

/** Prints one figure; over its target it is marked. */
export function report({ name, value, unit, under }: Figure): void {
  const target = under === undefined ? "" : `  (wanted under ${under} ${unit}${value < under ? "" : ": OVER"})`;
  console.log(`${name.padEnd(NAME_WIDTH)} ${value.toFixed(value < 100 ? 2 : 0).padStart(10)} ${unit}${target}`);
}

/** The value under which a part of the samples lies, for example 0.95. @throws where nothing was measured. */
export function quantile(samples: readonly number[], part: number): number {
  const sorted = samples.toSorted((a, b) => a - b);
  const value = sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))];
  if (value === undefined) throw new Error("Nothing was measured.");
  return value;
}

/** The median of a task of tinybench, ms. @throws where it was not measured. */
export function medianMs({ name, result }: { readonly name: string; readonly result: unknown }): number {
  const { latency, error } = result as { latency?: { p50: number }; error?: Error };
  if (!latency) throw error ?? new Error(`“${name}” was not measured.`);
  return latency.p50;
}
