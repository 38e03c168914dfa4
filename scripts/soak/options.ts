import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { parseArgs } from "node:util";

/** How long and from which seed a soak runs. */
export interface SoakOptions {
  readonly count: number;
  readonly seed: number;
  /** Goes on where it was broken off. */
  readonly fresh: boolean;
}

/** Reads `--count`, `--seed`, `--fresh` (from the beginning). */
export function soakOptions(count: number): SoakOptions {
  const { values } = parseArgs({
    options: { count: { type: "string" }, seed: { type: "string" }, fresh: { type: "boolean" } },
  });
  const whole = (text: string | undefined, usual: number) => {
    if (text === undefined) return usual;
    if (/^\d{1,9}$/.test(text)) return Number(text);
    console.error(`Expected a whole number, but got “${text}”.`);
    process.exit(2);
  };
  return { count: whole(values.count, count), seed: whole(values.seed, 1), fresh: values.fresh ?? false };
}

/** Chance that is the same for the same seed: mulberry32, which needs no more than this. */
export function chanceOf(seed: number): (below: number) => number {
  let state = seed >>> 0;
  return (below) => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return Math.floor((((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296) * below);
  };
}

/** Where a soak keeps how far it has come: below the folder that no commit takes. */
const FOLDER = join(import.meta.dirname, "../../.cache/soak");

/** How far a soak of a name and a seed has come; from the beginning where it is to be, or none was begun. */
export function progressOf<T extends object>(name: string, { seed, fresh }: SoakOptions, start: T) {
  mkdirSync(FOLDER, { recursive: true });
  const file = join(FOLDER, `${name}-${seed}.json`);
  const at: T =
    !fresh && existsSync(file) ? { ...start, ...(JSON.parse(readFileSync(file, "utf8")) as T) } : { ...start };
  return { at, keep: () => writeFileSync(file, JSON.stringify(at)) };
}
