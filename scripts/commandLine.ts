/** What the commands of the scripting interface share. */
import { readFileSync } from "node:fs";

const STANDARD_INPUT = 0;

/** What a command answers: a value that is printed as JSON, and 1 where some of it is an error. */
export interface CommandAnswer {
  readonly said: unknown;
  readonly status: 0 | 1;
}

/** A command by its words. @throws Stopped where it cannot do its work at all. */
export type Command = (words: readonly string[]) => CommandAnswer | Promise<CommandAnswer>;

/** The sentence a command ends with that cannot do its work. */
class Stopped extends Error {}

/** Ends a command that cannot do its work, with a sentence that says what was expected. */
export function stop(message: string): never {
  throw new Stopped(message);
}

/** The text of a file, or of standard input for `-`. Ends the command where it cannot be read. */
export function readText(name: string): string {
  try {
    return readFileSync(name === "-" ? STANDARD_INPUT : name, "utf8");
  } catch (cause) {
    return stop(`Expected ${name} to be a file that can be read (${(cause as NodeJS.ErrnoException).code}).`);
  }
}

/** What a command prints, and how it ends: 0, 1 where some of its answer is an error, 2 where it cannot do its work. */
export async function answerOf(
  command: Command,
  words: readonly string[],
): Promise<{ readonly status: 0 | 1 | 2; readonly out: string; readonly err: string }> {
  try {
    const { said, status } = await command(words);
    return { status, out: JSON.stringify(said, null, 1), err: "" };
  } catch (cause) {
    if (cause instanceof Stopped) return { status: 2, out: "", err: cause.message };
    throw cause;
  }
}

/** Runs a command by the words it was started with. */
export async function runCommand(command: Command): Promise<void> {
  const { status, out, err } = await answerOf(command, process.argv.slice(2));
  if (out) console.log(out);
  if (err) console.error(err);
  process.exitCode = status;
}
