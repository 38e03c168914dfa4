/** `npm run backup`: takes a backup of the maker's own data file while Stenz does not run; running, it takes them itself. */
import { existsSync } from "node:fs";
import { accessFileOf, openAccess } from "../data/access/index.ts";
import { backupFolderOf } from "../data/backup/index.ts";
import { DataFileError } from "../data/db/index.ts";
import { openStore } from "../data/store.ts";
import { end, readDataOptions } from "./dataOptions.ts";

const { dataFile } = readDataOptions(`npm run backup [-- --data DIR]
Takes a backup of the data file, checks it page by page and puts it beside it, under backups/.`);
if (!existsSync(dataFile)) end(`There is no data file at ${dataFile} yet.`);

try {
  const store = await openStore(dataFile);
  const access = await openAccess(accessFileOf(dataFile));
  const folder = backupFolderOf(dataFile);
  const rule = await access.backupRule.find();
  await store.forgetInBackups(folder, rule);
  const taken = await store.backup(folder, rule, new Date());
  await access.backupRule.note(taken.ok ? taken.value.secondFault : taken.problem.message);
  await store.close();
  await access.close();
  if (!taken.ok) end(taken.problem.message);
  const { file, counts, secondFault } = taken.value;
  const held = Object.entries(counts).map(([kind, count]) => `${count} ${kind}`);
  console.log(`${folder}/${file.name}: whole, with ${held.join(", ")}.`);
  if (secondFault) console.error(secondFault);
} catch (cause) {
  if (!(cause instanceof DataFileError)) throw cause;
  end(
    cause.code === "data-file-in-use"
      ? `${dataFile} is in use: Stenz is running and takes its backups itself; one by hand is taken under Settings, Backups.`
      : cause.message,
  );
}
