import type { RouterContextProvider } from "react-router";
import { redirect } from "react-router";
import { passphraseFault, TLS_KINDS } from "../../../data/access/index.ts";
import { newSealKey } from "../../../data/backup/index.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, group, line, optionalLine } from "../../../formats/form/index.ts";
import { accessContext } from "../../.server/access/visitor.ts";
import { startedFrom } from "../../.server/http/answerEdit.ts";
import { conflict, invalid } from "../../.server/http/answers.ts";
import { ownCertificate } from "../../.server/sharing/certificate.ts";
import { sharingContext } from "../../.server/sharing/sharingSwitch.ts";
import { conflictRow, type Fields } from "../../form/unsaved.ts";

const PAGE = "/settings/sharing";

const readSharing = formReader(
  group({
    on: choice("whether it is shared", ["no", "yes"]),
    tls: choice("a way of keeping it from being overheard", TLS_KINDS),
    certFile: optionalLine("the file of a certificate", 1000),
    keyFile: optionalLine("the file of its key", 1000),
  }),
);

const readPassphrase = formReader(
  group({ passphrase: line("a passphrase", 400), again: line("the passphrase once more", 400) }),
);

/** Sets the passphrase; it is typed twice, since nobody sees it. */
export async function setPassphrase(fields: Fields, context: Readonly<RouterContextProvider>) {
  // It is given back to nobody, not to who typed it either.
  const shown = { intent: "passphrase" };
  const read = readPassphrase(fields);
  if (!read.ok) return invalid(shown, read.errors);
  const { passphrase, again } = read.value;
  const fault = passphraseFault(passphrase);
  if (fault) return invalid(shown, { passphrase: fault });
  if (passphrase !== again) return invalid(shown, { again: "Expected the same passphrase as above." });
  const { sharing, backupRule } = context.get(accessContext);
  await sharing.setPassphrase(passphrase);
  // Backups from now on are opened by the new one; those that were sealed before by the one of then.
  const { fault: _fault, ...rule } = await backupRule.find();
  if (rule.seal) savedOrThrow(await backupRule.save({ ...rule, seal: newSealKey(passphrase) }));
  await context.get(sharingContext).follow();
  return redirect(PAGE);
}

/** Shares the workshop as it is set, or no longer. */
export async function setSharing(fields: Fields, context: Readonly<RouterContextProvider>) {
  const read = readSharing(fields);
  if (!read.ok) return invalid(fields, read.errors);
  const { on, tls, certFile, keyFile } = read.value;
  const { sharing } = context.get(accessContext);
  const before = await sharing.find();
  if (on === "yes" && !before.hasPassphrase)
    return invalid(fields, { on: "Expected a passphrase first: without one nobody is let in over the network." });
  const wanted = { on: on === "yes", tls, certFile: certFile || null, keyFile: keyFile || null };
  const certificate = tls === "own" ? ownCertificate(wanted) : null;
  if (certificate && !certificate.ok)
    return invalid(fields, {
      [certFile === "" ? "certFile" : keyFile === "" ? "keyFile" : "certFile"]: certificate.problem.message,
    });
  const saved = await sharing.save({ ...wanted, version: startedFrom(fields) });
  if (!saved.saved) {
    const theirs = saved.theirs ?? before;
    return conflict(fields, theirs.version, [
      conflictRow(fields, "on", "Shared", theirs.on ? "yes" : "no"),
      conflictRow(fields, "tls", "Kept from being overheard", theirs.tls),
    ]);
  }
  await context.get(sharingContext).follow();
  return redirect(PAGE);
}
