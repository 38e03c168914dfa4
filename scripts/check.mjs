/** `npm run check`: looks at every page and reference of the maker's own data file, and changes nothing. */
import { existsSync } from "node:fs";
import { join } from "node:path";
import { faultsOf, isHeld } from "./dataFile.mjs";
import { ensureInstalled } from "./install.mjs";
import { readOptions } from "./options.mjs";

const { dataFolder } = readOptions();
ensureInstalled();
const file = join(dataFolder, "stenz.sqlite");
process.exitCode = await check();

async function check() {
  if (!existsSync(file)) {
    console.log(`There is no data file at ${file} yet.`);
    return 0;
  }
  try {
    const faults = await faultsOf(file);
    console.log(faults.length === 0 ? `${file} is whole.` : `${file} is damaged:\n${faults.join("\n")}`);
    return faults.length === 0 ? 0 : 1;
  } catch (cause) {
    console.error(
      isHeld(cause)
        ? `${file} is in use: stop Stenz first, then check.`
        : `${file} cannot be read as a data file of Stenz. Put a backup in its place.`,
    );
    return 1;
  }
}
