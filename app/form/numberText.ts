/** Writes a ratio in per cent for a field; nothing where there is none. */
export const percentText = (ratio: number | null): string => (ratio === null ? "" : numberText(ratio * 100));

/** Writes a number for a field: no more digits than it has. */
export const numberText = (value: number): string => String(Number(value.toFixed(6)));
