import { existsSync, statSync } from "node:fs";
import { isAbsolute } from "node:path";
import { type RouterContextProvider, redirect } from "react-router";
import { newSealKey } from "../../../data/backup/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, optionalLine, tick, whole } from "../../../formats/form/index.ts";
import { accessContext } from "../../.server/access/visitor.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { conflict, found, invalid } from "../../.server/http/answers.ts";
import { keeperContext } from "../../.server/keeping/keeper.ts";
import { conflictRow, type Fields } from "../../form/unsaved.ts";

type Context = Readonly<RouterContextProvider>;

const PAGE = "/settings/backups";

const readRule = formReader(
  group({
    days: whole({ what: "days", least: 1, most: 60 }),
    weeks: whole({ what: "weeks", least: 0, most: 60 }),
    months: whole({ what: "months", least: 0, most: 120 }),
    second: optionalLine("a second folder", 1000),
    sealed: tick(),
    passphrase: optionalLine("the passphrase of the workshop", 400),
  }),
);

/** The keeper of this server; a page that does not exist where there is none. */
export const keeperOfPage = (context: Context) => found(context.get(keeperContext), "backup of this server");

/** Takes a backup by hand. */
export async function backUpNow(fields: Fields, context: Context) {
  const taken = await keeperOfPage(context).backUp();
  return taken.ok ? redirect(PAGE) : invalid(fields, { now: taken.problem.message });
}

/** Keeps how backups are taken. */
export async function keepRule(fields: Fields, context: Context) {
  // A passphrase is given back to nobody.
  const { passphrase: _secret, ...shown } = fields;
  const read = readRule(fields);
  if (!read.ok) return invalid(shown, read.errors);
  const { days, weeks, months, sealed, passphrase } = read.value;
  const second = read.value.second.trim() || null;
  const { backupRule, sharing } = context.get(accessContext);
  const before = await backupRule.find();
  if (second !== null && !isFolder(second))
    return invalid(shown, { second: `Expected a folder that is there, by its whole path, but got ${second}.` });
  if (second === keeperOfPage(context).folder)
    return invalid(shown, { second: "Expected another folder than that of the backups themselves." });
  if (sealed && !before.seal && !(await sharing.isPassphrase(passphrase)))
    return invalid(shown, {
      passphrase: (await sharing.find()).hasPassphrase
        ? "Expected the passphrase of the workshop: it opens what is sealed."
        : "Expected a passphrase to be set first, under Share with a tablet.",
    });
  const seal = sealed ? (before.seal ?? newSealKey(passphrase)) : null;
  const saved = await backupRule.save({ days, weeks, months, second, seal, version: startedFrom(fields) });
  if (saved.saved) return redirect(PAGE);
  const theirs = saved.theirs ?? before;
  return conflict(shown, theirs.version, [
    ...(["days", "weeks", "months"] as const).map((name) => conflictRow(fields, name, name, String(theirs[name]))),
    conflictRow(fields, "second", "second folder", theirs.second ?? ""),
  ]);
}

const isFolder = (path: string): boolean => isAbsolute(path) && existsSync(path) && statSync(path).isDirectory();
