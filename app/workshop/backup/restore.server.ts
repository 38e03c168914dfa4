import { existsSync } from "node:fs";
import { basename, join } from "node:path";
import { data, type RouterContextProvider, redirect } from "react-router";
import { dropReadied, type Holding, isSealed } from "../../../data/backup/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, optionalLine, tick } from "../../../formats/form/index.ts";
import { found, invalid, notFound, storeOf } from "../../.server/http/answers.ts";
import { leaveStoreContext } from "../../.server/http/context.ts";
import { keeperContext } from "../../.server/keeping/keeper.ts";
import { inProcess } from "../../.server/pool/apart.ts";
import type { Fields } from "../../form/unsaved.ts";

type Context = Readonly<RouterContextProvider>;

const readForm = formReader(
  group({ passphrase: optionalLine("the passphrase this backup was sealed with", 400), sure: tick() }),
);

/** A backup of the folder by its name; a page that does not exist for anything else. */
export function backupOfPage(context: Context, name: string | undefined) {
  const keeper = found(context.get(keeperContext), "backup of this server");
  // A name with a folder in it is none of ours.
  if (name === undefined || basename(name) !== name || !/^stenz-[0-9-]+\.sqlite(\.sealed)?$/.test(name))
    notFound("backup");
  const file = join(keeper.folder, name);
  if (!existsSync(file)) notFound("backup");
  return { keeper, file, sealed: isSealed(name) };
}

/** What a backup holds beside what the file holds now. */
export interface Foresight {
  readonly holding: Holding;
  readonly now: Holding | null;
  /** What in the backup is none of Stenz's. */
  readonly leftOut: readonly string[];
}

/** Opens a sealed backup to be looked into, or restores one: first it is shown, then it is done. */
export async function lookOrRestore(
  fields: Fields,
  context: Context,
  { name, signal }: { readonly name: string | undefined; readonly signal: AbortSignal },
) {
  const { keeper, file, sealed } = backupOfPage(context, name);
  // A passphrase is given back to nobody.
  const { passphrase: _secret, ...shown } = fields;
  const read = readForm(fields);
  if (!read.ok) return invalid(shown, read.errors);
  const { passphrase, sure } = read.value;
  const now = storeOf(context).holding();
  const asked = { dataFile: keeper.dataFile, backup: file, passphrase, now };
  const readied = await inProcess("makeBackupReady", asked, { signal });
  if (!readied.ok) return invalid(shown, { [sealed ? "passphrase" : "form"]: readied.problem.message });
  if (fields.intent !== "restore") {
    dropReadied(readied.value.file);
    const { holding, now: present, leftOut } = readied.value;
    return data({ foresight: { holding, now: present, leftOut } satisfies Foresight });
  }
  if (!sure) {
    dropReadied(readied.value.file);
    return invalid(shown, { sure: "Expected your word that the workshop of now is to give way to this one." });
  }
  // Not to be waited for by what it waits for itself.
  context.get(leaveStoreContext)();
  const { leftOut } = readied.value;
  const done = await keeper.restore(readied.value.file);
  if (!done.ok) return invalid(shown, { form: done.problem.message });
  const told = {
    aside: done.value ? basename(done.value) : "",
    ...(leftOut.length > 0 ? { left: leftOut.join("; ") } : {}),
  };
  return redirect(`/settings/backups?${new URLSearchParams(told)}`);
}
