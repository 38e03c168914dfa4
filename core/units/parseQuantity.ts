/** Longest text read as a number; longer is a paste gone wrong, not a measure. */
export const LONGEST_QUANTITY = 40;

const VULGAR: Readonly<Record<string, readonly [number, number]>> = {
  "½": [1, 2],
  "⅓": [1, 3],
  "⅔": [2, 3],
  "¼": [1, 4],
  "¾": [3, 4],
  "⅛": [1, 8],
  "⅜": [3, 8],
  "⅝": [5, 8],
  "⅞": [7, 8],
};

const DECIMAL = /^(?:\d+(?:[.,]\d+)?|[.,]\d+)$/;
const FRACTION = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*[/⁄]\s*(\d+)$/;
const WITH_VULGAR = /^(\d+)?\s*-?\s*([½⅓⅔¼¾⅛⅜⅝⅞])$/;

/**
 * Reads a bare, unsigned quantity as makers write one: `92`, `92,5`, `.5`, `1/2`, `36 1/2`, `36-1/2`, `36½`.
 * No signs, exponents, thousands separators or words; a fraction beside a whole number is below one.
 *
 * @returns the number (0 or more, finite), or null where the text is no such quantity.
 */
export function parseQuantity(text: string): number | null {
  const trimmed = text.trim();
  if (trimmed === "" || trimmed.length > LONGEST_QUANTITY) return null;
  if (DECIMAL.test(trimmed)) return Number(trimmed.replace(",", "."));
  const written = FRACTION.exec(trimmed);
  if (written) return mixed(written[1], Number(written[2]), Number(written[3]));
  const vulgar = WITH_VULGAR.exec(trimmed);
  const parts = vulgar && VULGAR[vulgar[2] as string];
  if (!vulgar || !parts || trimmed.startsWith("-")) return null;
  return mixed(vulgar[1], parts[0], parts[1]);
}

function mixed(whole: string | undefined, numerator: number, denominator: number): number | null {
  if (denominator === 0) return null;
  // "36 9/8" is a slip of the pen, not 37 1/8: better asked again than guessed.
  if (whole !== undefined && numerator >= denominator) return null;
  return Number(whole ?? 0) + numerator / denominator;
}
