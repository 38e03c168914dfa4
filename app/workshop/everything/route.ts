import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { Readable } from "node:stream";
import { data, redirect } from "react-router";
import { backupName, putInPlace } from "../../../data/backup/index.ts";
import { found, storeOf, today } from "../../.server/http/answers.ts";
import type { ToldError } from "../../.server/http/guarded.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { keeperContext } from "../../.server/keeping/keeper.ts";
import { inProcess } from "../../.server/pool/apart.ts";
import { bytesOf } from "../../.server/pool/pool.ts";
import { readForm } from "../../form/fields.server.ts";
import type { Route } from "./+types/route.ts";
import { dropFolderOf, everythingZip } from "./everythingOut.server.ts";

/** Everything of the workshop as one ZIP of open formats. */
export const loader = guarded(async ({ context }: Route.LoaderArgs) => {
  const zip = await everythingZip(storeOf(context), new Date());
  return new Response(Readable.toWeb(zip) as ReadableStream, {
    headers: {
      "Content-Type": "application/zip",
      "Content-Disposition": `attachment; filename="stenz-everything-${today()}.zip"`,
      "Cache-Control": "no-store",
    },
  });
});

/** Reads such a ZIP in: it becomes a backup, to be looked at and restored as any other. */
export const action = guarded(async ({ request, context }: Route.ActionArgs) => {
  const keeper = found(context.get(keeperContext), "backup of this server");
  const file = (await readForm(request)).get("file");
  if (!(file instanceof File) || file.size === 0)
    throw data<ToldError>({ message: "Expected a ZIP file to read in, but none was chosen." }, { status: 400 });
  const zip = { dataFile: keeper.dataFile, bytes: await bytesOf(file) };
  const made = await inProcess("readEverything", zip, { signal: request.signal });
  if (!made.ok) throw data<ToldError>({ message: `${made.problem.message} Nothing was read in.` }, { status: 400 });
  const name = backupName(new Date());
  mkdirSync(keeper.folder, { recursive: true, mode: 0o700 });
  putInPlace(made.value, join(keeper.folder, name));
  dropFolderOf(made.value);
  return redirect(`/settings/backups/${name}`);
});
