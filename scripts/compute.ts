/** The scripting interface: `npm run --silent compute -- FILE.json` (or `-` for standard input). */
import { computeAll } from "../formats/compute.ts";
import { readJson } from "../formats/json.ts";
import { readText, stop } from "./commandLine.ts";

const [file, ...rest] = process.argv.slice(2);

if (!file || rest.length > 0) stop("Expected one file name, or - for standard input.");

const document = readJson(readText(file));
if (!document.ok) stop(`Expected ${file === "-" ? "standard input" : file} to be JSON. ${document.problem.message}`);

const answers = computeAll(document.value);
console.log(JSON.stringify(answers, null, 1));
process.exitCode = answers.some((answer) => "error" in answer) ? 1 : 0;
