import type { Result } from "../../../core/result.ts";
import type { WorkingId, Workings } from "../../../core/workings/index.ts";
import type { Store } from "../../../data/store.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, invalid } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";
import { workingDraft } from "./workingDraft.ts";

/** A change of a working that is not typed in its form: where it is refused, under which field that is said. */
export interface WorkingChange<Id extends WorkingId> {
  readonly id: Id;
  readonly field: string;
  /** What it is called where somebody changed it meanwhile. */
  readonly what: string;
  /** The page it goes on to. */
  readonly to: string;
  /** Where its form stands, beside what is sent; above it where nothing is said. */
  readonly form?: string;
  /** Fields whose text no longer stands for what they hold. */
  readonly retold?: readonly string[];
  readonly change: (working: Workings[Id]) => Result<Workings[Id]>;
}

/** Keeps a working changed otherwise than by its form, if nobody changed it meanwhile and nothing of its form is half-typed. */
export function keepChanged<Id extends WorkingId>(
  fields: Fields,
  jobId: number,
  store: Store,
  { id, field, what, to, form = "above", retold = [], change }: WorkingChange<Id>,
) {
  return store.inTransaction(async ({ jobs, workings, drafts }) => {
    found(await jobs.find(jobId), "job");
    const draft = workingDraft(jobId, id);
    if (await drafts.find(draft))
      return invalid(fields, { [field]: `Expected what is typed ${form} to be kept first: it is not saved yet.` });
    const before = await workings.find(jobId, id);
    const changed = change(before.working);
    if (!changed.ok) return invalid(fields, { [field]: changed.problem.message });
    const texts = Object.fromEntries(Object.entries(before.texts).filter(([name]) => !retold.includes(name)));
    const sent = { working: changed.value, texts, version: startedFrom(fields) };
    return answerEdit(await workings.save(jobId, id, sent), {
      ...{ fields, drafts, draft, what, to },
      // What comes is added to whatever there is: nothing stands against anything.
      rows: () => [],
    });
  });
}
