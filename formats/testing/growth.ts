/** Texts of these sizes are read, kB: each ten times the one before. */
const SIZES_KB = [10, 100, 1000] as const;

/** Less than this is not told from nothing, ms: the machine does something else meanwhile. */
const FLOOR_MS = 8;

/** The quickest of so many readings counts. */
const TRIES = 3;

/** How much longer ten times as much takes at worst: n log n comes to about 12, and n² to a hundred. */
export const STEEPEST = 35;

/** How long a text is read, ms of the processor, the quickest of some tries. */
function timeOf(text: string, read: (text: string) => unknown): number {
  let least = Number.POSITIVE_INFINITY;
  for (let tried = 0; tried < TRIES && least > FLOOR_MS; tried += 1) {
    const before = process.cpuUsage();
    read(text);
    const { user, system } = process.cpuUsage(before);
    least = Math.min(least, (user + system) / 1000);
  }
  return Math.max(least, FLOOR_MS);
}

/**
 * How much longer a reader takes for ten times as much, at the steepest step from 10 to 1,000 kB.
 * @param worst makes a text of about so many signs.
 */
export function growthOf(worst: (signs: number) => string, read: (text: string) => unknown): number {
  let [before, steepest] = [Number.POSITIVE_INFINITY, 0];
  for (const kB of SIZES_KB) {
    const took = timeOf(worst(kB * 1000), read);
    steepest = Math.max(steepest, took / before);
    // What grows that fast is not fed ten times as much: it would not end.
    if (steepest > STEEPEST) break;
    before = took;
  }
  return steepest;
}

/** A text of about so many signs: a part again and again, numbered where it wants to be. */
export const again =
  (part: string | ((at: number) => string), before = "", after = "") =>
  (signs: number): string => {
    const parts: string[] = [before];
    for (let [length, at] = [0, 0]; length < signs; at += 1) {
      const next = typeof part === "string" ? part : part(at);
      parts.push(next);
      length += next.length;
    }
    return parts.join("") + after;
  };
