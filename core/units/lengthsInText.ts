import { formatAmount, formatLengthWithUnit } from "./formatLength.ts";
import { type LengthUnit, MM_PER_INCH } from "./length.ts";

/** Lengths as sentences carry them: `110 mm`, `±3 mm`, `40–60 mm`, `159.2 cm`; not what stands in “quotes”, which was typed. */
const LENGTH = /“[^”]*”|([−±+-]\s?)?(\d+(?:[.,]\d+)?)(?:(–|\s?to\s)(\d+(?:[.,]\d+)?))?\s(mm|cm)(?![\w³²/])/g;

/** From this many millimetres a length is written in the steps of a tape, else as a small amount. */
const TAPE_FROM_MM = 300;

/**
 * A sentence with every length in it in the unit shown. The core writes its sentences in metric: they are turned where
 * they are read, as numbers are. In centimetres nothing changes.
 */
export function lengthsInText(text: string, unit: LengthUnit): string {
  if (unit === "cm") return text;
  return text.replace(
    LENGTH,
    (whole, sign: string | undefined, from: string, through: string, to: string, of: string) => {
      if (from === undefined) return whole;
      const mm = (number: string) => Number(number.replace(",", ".")) * (of === "cm" ? 10 : 1);
      const written = (number: string) => inches(mm(number));
      return `${(sign ?? "").trim()}${to === undefined ? written(from) : `${bare(written(from))}${through}${written(to)}`}`;
    },
  );
}

/** Inches of a length of a sentence; what is under a sixteenth is told in hundredths, so that it does not become 0. */
function inches(mm: number): string {
  if (mm >= TAPE_FROM_MM) return formatLengthWithUnit(mm, "in");
  if (mm > 0 && mm < MM_PER_INCH / 16) return `${(mm / MM_PER_INCH).toFixed(2)} in`;
  return formatAmount(mm, "in");
}

const bare = (written: string): string => written.replace(/ in$/, "");
