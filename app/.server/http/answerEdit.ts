import { redirect } from "react-router";
import type { SaveOutcome } from "../../../data/db/index.ts";
import type { DraftRepository } from "../../../data/drafts/index.ts";
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

/** The version an edit started from; NaN, which no record has, where the form does not say. */
export const startedFrom = ({ version }: Fields): number => Number(version);

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
