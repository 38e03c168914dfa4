import type { Diagonal } from "../../core/drafting/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";

/** Lengths as they are typed, one after the other: a comma may be a decimal point. */
const LENGTH = /^\d+([.,]\d+)?$/;

/** A line across, by the corners it joins: `1-3 240`. */
const ACROSS = /^(\d{1,2})\s*[-–]\s*(\d{1,2})[\s:;]+(\d+(?:[.,]\d+)?)$/;

const numberOf = (text: string): number => Number(text.replace(",", "."));

/** Reads the lengths of edges round a piece, mm. @returns them, or `length-unreadable` with the one that is none. */
export function readEdgeLengths(text: string): Result<number[]> {
  const words = text.split(/[\s;]+/).filter((word) => word !== "");
  const odd = words.find((word) => !LENGTH.test(word) || numberOf(word) === 0);
  return odd === undefined
    ? ok(words.map(numberOf))
    : fail(
        "length-unreadable",
        `Expected lengths in mm round the piece, such as 210 95 180 90, but got “${odd.slice(0, 20)}”.`,
      );
}

/** Reads lines across a piece, one a line. @returns them, or `diagonal-unreadable` with the line. */
export function readDiagonals(text: string): Result<Diagonal[]> {
  const lines: Diagonal[] = [];
  for (const [at, line] of text.split("\n").entries()) {
    if (line.trim() === "") continue;
    const [, from, to, mm] = ACROSS.exec(line.trim()) ?? [];
    if (!from || !to || !mm)
      return fail(
        "diagonal-unreadable",
        `Line ${at + 1}: expected two corners and a length in mm, such as 1-3 240, but got “${line.trim().slice(0, 30)}”.`,
      );
    lines.push({ from: Number(from), to: Number(to), mm: numberOf(mm) });
  }
  return ok(lines);
}
