/** One measured figure with what it should stay under. */
export interface Figure {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  /** What an issue asked for; printed beside the figure, never asserted. */
  readonly under?: number;
}

/** Prints figures in columns; a figure over its target is marked. */
export function report(figures: readonly Figure[]): void {
  const width = Math.max(...figures.map(({ name }) => name.length));
  for (const { name, value, unit, under } of figures) {
    const target = under === undefined ? "" : `  (wanted under ${under} ${unit}${value < under ? "" : ": OVER"})`;
    console.log(`${name.padEnd(width)}  ${value.toFixed(value < 100 ? 2 : 0).padStart(10)} ${unit}${target}`);
  }
}

/** The value under which a part of the samples lies, for example 0.95. */
export function quantile(samples: readonly number[], part: number): number {
  const sorted = samples.toSorted((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))] ?? Number.NaN;
}
