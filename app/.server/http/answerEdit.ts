import { data, redirect } from "react-router";
import type { SaveOutcome } from "../../../data/db/index.ts";
import type { DraftRepository } from "../../../data/drafts/index.ts";
import { parseVersion } from "../../../formats/form/index.ts";
import type { ConflictRow, Fields } from "../../form/unsaved.ts";
import { conflict, found } from "./answers.ts";

/** An edit of a record, as its form sent it. */
export interface Edit<T> {
  readonly fields: Fields;
  readonly drafts: Pick<DraftRepository, "drop">;
  /** Name its half-filled form is kept under. */
  readonly draft: string;
  /** What it is an edit of, for the page that says it is gone. */
  readonly what: string;
  /** Where the browser goes once it is saved. */
  readonly to: string;
  /** The fields as somebody else has saved them meanwhile, beside those of this edit. */
  rows(theirs: T): readonly ConflictRow[];
}

/** The version an edit started from; a form that does not say it, which none of ours is, ends with a 400 page. */
export function startedFrom({ version = "" }: Fields): number {
  const read = parseVersion(version);
  if (read.ok) return read.value;
  throw data({ message: read.problem.message }, { status: 400 });
}

/**
 * Answers an edit: saved, its draft goes and the browser is sent on; where it met a newer one both come back and
 * nothing is overwritten; a page that does not exist where the record is gone.
 */
export async function answerEdit<T extends { readonly version: number }>(
  outcome: SaveOutcome<T>,
  { fields, drafts, draft, what, to, rows }: Edit<T>,
) {
  if (outcome.saved) {
    await drafts.drop(draft);
    return redirect(to);
  }
  const theirs = found(outcome.theirs, what);
  return conflict(fields, theirs.version, rows(theirs));
}
