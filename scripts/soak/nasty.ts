/** Chance: a whole number from 0 to below what it is asked for. */
export type Chance = (below: number) => number;

/** One of several. */
export const one = <T>(of: readonly T[], chance: Chance): T => of[chance(of.length)] as T;

/** What stands in the place of numbers and words that are expected. */
export const NASTY: readonly string[] = [
  ...[
    "",
    " ",
    "0",
    "-1",
    "1",
    "2",
    "7",
    "1e9",
    "1e400",
    "-0",
    "NaN",
    "Infinity",
    "0x10",
    "999999999999999999999",
    "1.5",
    "1,5",
  ],
  ...[
    "null",
    "undefined",
    "true",
    "[]",
    "{}",
    "__proto__",
    "constructor",
    "toString",
    "..",
    "../../etc/passwd",
    "%00",
    "\u0000",
  ],
  ...[
    "'; drop table wearers; --",
    "<script>alert(1)</script>",
    "#{7*7}",
    "{{7*7}}",
    "\r\nSet-Cookie: a=b",
    "\ud800",
    "é".repeat(300),
  ],
  ...[
    "2026-11-27",
    "2026-02-30",
    "12/31/2026",
    "9:00-13:00",
    "1 1/2 in",
    "12 cm",
    "12 mm",
    "−4",
    "½",
    "a".repeat(5000),
    "🧵".repeat(50),
  ],
];
