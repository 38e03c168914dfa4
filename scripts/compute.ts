/** The scripting interface: `npm run --silent compute -- FILE.json` (or `-` for standard input). */
import { readFileSync } from "node:fs";
import { computeAll } from "../formats/compute.ts";

const STANDARD_INPUT = 0;
const [file, ...rest] = process.argv.slice(2);

if (!file || rest.length > 0) stop("Expected one file name, or - for standard input.");

let document: unknown;
try {
  document = JSON.parse(readFileSync(file === "-" ? STANDARD_INPUT : file, "utf8"));
} catch (cause) {
  stop(`Expected ${file === "-" ? "standard input" : file} to be JSON: ${(cause as Error).message}`);
}

const answers = computeAll(document);
console.log(JSON.stringify(answers, null, 1));
process.exitCode = answers.some((answer) => "error" in answer) ? 1 : 0;

function stop(message: string): never {
  console.error(message);
  process.exit(2);
}
