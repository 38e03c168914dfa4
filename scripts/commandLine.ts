/** What the commands that read a file share. */
import { readFileSync } from "node:fs";

const STANDARD_INPUT = 0;

/** The text of a file, or of standard input for `-`. Ends the command where it cannot be read. */
export function readText(name: string): string {
  try {
    return readFileSync(name === "-" ? STANDARD_INPUT : name, "utf8");
  } catch (cause) {
    return stop(`Expected ${name} to be a file that can be read (${(cause as NodeJS.ErrnoException).code}).`);
  }
}

/** Ends a command that cannot do its work, with a sentence that says what was expected. */
export function stop(message: string): never {
  console.error(message);
  process.exit(2);
}
