/** Rounds a girth to whole millimetres, halves up: what is cut is what is computed with. */
export const roundGirth = (girthMm: number): number => Math.floor(girthMm + 0.5);
