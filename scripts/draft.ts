/** Pieces from a script: `npm run --silent draft -- FILE.json --out DIR [formats]`, or `-- --read FILE.svg`. */
import { runCommand } from "./commandLine.ts";
import { draftCommand } from "./drafting/draftCommand.ts";

await runCommand(draftCommand);
