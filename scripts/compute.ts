/** The scripting interface: `npm run --silent compute -- FILE.json` (or `-` for standard input). */
import { runCommand } from "./commandLine.ts";
import { computeCommand } from "./computeCommand.ts";

await runCommand(computeCommand);
