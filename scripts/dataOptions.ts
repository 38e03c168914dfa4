/** What the commands that work on the data file itself are told. */
import { join, resolve } from "node:path";
import { parseArgs } from "node:util";

/** The options and words of a command. */
export interface DataOptions {
  readonly dataFile: string;
  readonly words: readonly string[];
  readonly yes: boolean;
}

/** Reads them. Ends the process with a sentence for anything it cannot use. */
export function readDataOptions(usage: string): DataOptions {
  try {
    const { values, positionals } = parseArgs({
      options: { data: { type: "string" }, yes: { type: "boolean" }, help: { type: "boolean", short: "h" } },
      allowPositionals: true,
    });
    if (values.help) {
      console.log(usage);
      process.exit(0);
    }
    const folder = resolve(values.data ?? process.env.STENZ_DATA ?? join(import.meta.dirname, "../var"));
    return { dataFile: join(folder, "stenz.sqlite"), words: positionals, yes: values.yes ?? false };
  } catch (cause) {
    console.error(`${(cause as Error).message}\n${usage}`);
    process.exit(2);
  }
}

/** Ends the process with a sentence. */
export function end(message: string, status = 1): never {
  console.error(message);
  process.exit(status);
}
