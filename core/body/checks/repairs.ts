import { type LengthUnit, MM_PER_INCH, parseLength } from "../../units/index.ts";
import { measureOf } from "../catalogue/index.ts";
import { type MeasuredValue, measuredValue } from "../sheetValues.ts";
import type { Repair } from "./check.ts";

/** A tape's large figures are this far apart, mm; what is shorter than the second is not read by them. */
const [TENS_MM, LEAST_TENS_MM] = [100, 250] as const;

/**
 * Every way in which one slip of the pen could have turned the true value into this one: two digits swapped anywhere, a
 * digit doubled or left out, the other unit meant, a factor of ten, a half or a quarter written for the whole (girths
 * only), left taken for right.
 *
 * @param values all values of the sheet: for a measure of two sides the other one's.
 */
export function possibleRepairs(value: MeasuredValue, unit: LengthUnit, values: readonly MeasuredValue[]): Repair[] {
  const { code, side, mm, text } = value;
  const as = (slip: string, repaired: number): Repair => ({
    slip,
    code,
    side,
    mm: repaired,
    text: null,
    madeUp: false,
  });
  const rewritten = (slip: string, texts: readonly string[], madeUp = false): Repair[] =>
    texts.filter(isWritten).flatMap((one) => {
      const parsed = parseLength(one, unit);
      return parsed.ok && parsed.value > 0 ? [{ slip, code, side, mm: parsed.value, text: one, madeUp }] : [];
    });
  const cmPerInch = MM_PER_INCH / 10;
  const repairs = [
    ...rewritten("digits swapped", swappedDigits(text)),
    ...rewritten("a digit doubled", withoutDoubled(text)),
    as("inches written as centimetres", mm * cmPerInch),
    as("centimetres written as inches", mm / cmPerInch),
    as("a factor of ten too small", mm * 10),
    as("a factor of ten too large", mm / 10),
    ...rewritten("a digit missing", withOneMore(text), true),
    // The large figures of a tape stand at its tens: the wrong one is read, the small ones right.
    ...(unit === "in" || mm < LEAST_TENS_MM
      ? []
      : [
          { ...as("ten centimetres too many", mm - TENS_MM), madeUp: true },
          { ...as("ten centimetres too few", mm + TENS_MM), madeUp: true },
        ]),
  ];
  if (measureOf(code).kind === "girth") {
    repairs.push(as("a half written for the whole", mm * 2), as("a quarter written for the whole", mm * 4));
  }
  const other = side === "single" ? undefined : measuredValue(values, code, side === "left" ? "right" : "left");
  if (other && other.mm !== mm) {
    repairs.push({
      ...as("left taken for right", other.mm),
      text: other.text,
      swapsWith: { code, side: other.side, mm, text },
    });
  }
  return repairs;
}

/** Nobody writes 0101. */
const isWritten = (text: string): boolean => !/(?:^|[^\d.,])0\d/.test(text);

const isDigit = (sign: string | undefined): sign is string => sign !== undefined && /\d/.test(sign);

/** Places of the digits in a text. */
const digitsIn = (text: string): number[] => [...text].flatMap((sign, at) => (isDigit(sign) ? [at] : []));

function swappedDigits(text: string): string[] {
  const places = digitsIn(text);
  return places.flatMap((first, index) =>
    places.slice(index + 1).flatMap((second) => {
      const signs = [...text];
      if (signs[first] === signs[second]) return [];
      [signs[first], signs[second]] = [signs[second] as string, signs[first] as string];
      return [signs.join("")];
    }),
  );
}

const withoutDoubled = (text: string): string[] =>
  digitsIn(text)
    .filter((at) => text[at] === text[at + 1])
    .map((at) => text.slice(0, at) + text.slice(at + 1));

/** A digit put in anywhere: it is made up, so whoever ranks these puts them behind the others. */
function withOneMore(text: string): string[] {
  const places = digitsIn(text);
  const gaps = new Set(places.flatMap((at) => [at, at + 1]));
  return [...gaps].flatMap((at) =>
    Array.from({ length: 10 }, (_, digit) => `${text.slice(0, at)}${digit}${text.slice(at)}`),
  );
}
