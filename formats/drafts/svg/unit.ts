/** Millimetres of the units that have a length of their own. A pixel has none: programs write it at 72, 90 and 96 an inch. */
const UNITS: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, pc: 25.4 / 6, q: 0.25 };

/**
 * Millimetres of one unit of a drawing: its width on paper over that of its view box.
 * @returns null where its width is in pixels, in parts, or not told.
 */
export function millimetresOf({ width = "", viewBox = "" }: Readonly<Partial<Record<string, string>>>): number | null {
  const [, number, unit] = /^\s*([\d.]+)\s*([a-z]+)\s*$/i.exec(width) ?? [];
  const perUnit = unit ? UNITS[unit.toLowerCase()] : undefined;
  const onPaper = Number(number) * (perUnit ?? Number.NaN);
  const [, , wide] = viewBox
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  // Without a view box its units are pixels of the standard, 96 an inch.
  const units = viewBox === "" ? (onPaper / 25.4) * 96 : (wide ?? Number.NaN);
  const mm = onPaper / units;
  return Number.isFinite(mm) && mm > 0 ? mm : null;
}
