import { copyFileSync, mkdirSync, rmSync } from "node:fs";
import { dirname, join } from "node:path";
import { backupFolderOf, backupName } from "../../data/backup/index.ts";
import { faultsOf } from "../dataFile.mjs";
import { post } from "./forms.ts";
import { demoAt, type SoakServer, startSoaked } from "./server.ts";

/** Named as a backup of the folder is. */
const NAME = backupName(new Date("2026-01-01"));

/** Starts a server on the demo workshop, with what puts it back while it runs. */
export async function startFuzzed(folder: string) {
  const [template, dataFile] = [join(folder, "template.sqlite"), join(folder, "fuzz.sqlite")];
  await demoAt(template);
  copyFileSync(template, dataFile);
  const server = await startSoaked(dataFile);
  return { server, dataFile, putBack: puttingBack(server, dataFile, template) };
}

/**
 * What restores the file of a running server from `template`, as whoever sits before it would: by its page of backups.
 * @returns what is wrong with the file that gave way, and with the answer, in words; it is dropped.
 */
function puttingBack(server: SoakServer, dataFile: string, template: string): () => Promise<string[]> {
  const folder = backupFolderOf(dataFile);
  return async () => {
    mkdirSync(folder, { recursive: true });
    // Whatever was asked for may have dropped the backups that were there, or had them sealed.
    copyFileSync(template, join(folder, NAME));
    const response = await post(server.address, {
      address: `/settings/backups/${NAME}`,
      fields: { intent: "restore", sure: "yes" },
    });
    const told = await response.text();
    const aside = new URL(response.headers.get("Location") ?? "/", server.address).searchParams.get("aside");
    if (!aside) return [`the backup was not restored: ${response.status}: ${wordsOf(told)}`];
    const left = join(dirname(dataFile), aside);
    const faults = await faultsOf(left);
    for (const ending of ["", "-wal", "-shm"]) rmSync(left + ending, { force: true });
    return faults;
  };
}

/** What a page says of a form that was not taken, as far as it can be told from what else stands on it. */
const wordsOf = (page: string): string => /role="alert"[^>]*>([^<]+)/.exec(page)?.[1] ?? page.slice(0, 500);
