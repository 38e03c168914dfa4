import { chmodSync, mkdirSync, readdirSync, statSync } from "node:fs";
import { basename, dirname } from "node:path";

const OWNER_ONLY_FOLDER = 0o700;
const OWNER_ONLY_FILE = 0o600;

/** What SQLite keeps beside a data file. */
const ENDINGS = ["", "-wal", "-shm", "-journal"];

/** What Stenz makes in its data folder: files, and folders that are closed themselves. */
const OURS = /\.sqlite(?:-wal|-shm|-journal)?$|^(?:backups|logs|tls)$|-restore$/;

/**
 * Makes the folder of a data file where it is missing and keeps folder and files readable by their owner only, those
 * of an earlier version too. A folder that holds other things as well is somebody's own and is left as it is; the files
 * in it are closed all the same.
 */
export function keepToOwner(file: string): void {
  const folder = dirname(file);
  mkdirSync(folder, { recursive: true, mode: OWNER_ONLY_FOLDER });
  if (readdirSync(folder).every((name) => OURS.test(name))) close(folder, OWNER_ONLY_FOLDER);
  for (const ending of ENDINGS) close(`${folder}/${basename(file)}${ending}`, OWNER_ONLY_FILE);
}

function close(path: string, mode: number): void {
  const there = statSync(path, { throwIfNoEntry: false });
  // Somebody else's folder (a mounted share, say) cannot be closed by us.
  if (!there || there.uid !== process.getuid?.()) return;
  if ((there.mode & 0o777) !== mode) chmodSync(path, mode);
}
