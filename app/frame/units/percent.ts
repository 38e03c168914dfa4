/** Writes a ratio as a per cent with one decimal and a true minus: `12.5 %`. */
export function percent(ratio: number): string {
  const text = (ratio * 100).toFixed(1);
  return `${(text === "-0.0" ? "0.0" : text).replace("-", "−")} %`;
}
