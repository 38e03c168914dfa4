/**
 * Runs a command of the scripting interface from a built file: `node scripts/command.mjs compute [words]`. It is built once for
 * each state of its sources: translated anew at each start, they take seconds before anything is computed.
 */
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { builtOnce } from "./builtOnce.mjs";
import { ensureInstalled } from "./install.mjs";

const COMMANDS = ["compute", "draft"];

ensureInstalled();
const [name] = process.argv.splice(2, 1);
if (!COMMANDS.includes(name)) throw new Error(`Expected one of ${COMMANDS.join(", ")}, but got ${name}.`);
const built = await builtOnce({
  name: "commands",
  sources: ["core", "formats", "scripts"],
  entries: Object.fromEntries(COMMANDS.map((command) => [command, `scripts/${command}.ts`])),
});
await import(pathToFileURL(join(built, `${name}.js`)).href);
