import type { PiecesId } from "../../../../core/pieces/index.ts";
import type { Result } from "../../../../core/result.ts";
import type { Workings } from "../../../../core/workings/index.ts";
import type { Store } from "../../../../data/store.ts";
import { answerEdit } from "../../../.server/http/answerEdit.ts";
import { found, invalid } from "../../../.server/http/answers.ts";
import type { Fields } from "../../../form/unsaved.ts";
import { workingDraft } from "../../calculation/workingDraft.ts";

/** What is added to pieces of a job beside their own form: where it is refused, under which field that is said. */
interface Addition<Id extends PiecesId> {
  readonly id: Id;
  readonly field: string;
  /** What they are called where somebody changed them meanwhile. */
  readonly what: string;
  /** What of it was passed over, told on the page it goes on to. */
  readonly passed?: readonly string[];
  readonly change: (working: Workings[Id]) => Result<Workings[Id]>;
}

/** Keeps pieces with something added, if nobody changed them meanwhile and nothing of their form is half-typed. */
export function keepPieces<Id extends PiecesId>(
  fields: Fields,
  jobId: number,
  store: Store,
  { id, field, what, passed = [], change }: Addition<Id>,
) {
  return store.inTransaction(async ({ jobs, workings, drafts }) => {
    found(await jobs.find(jobId), "job");
    const draft = workingDraft(jobId, id);
    if (await drafts.find(draft))
      return invalid(fields, { [field]: "Expected what is typed above to be kept first: it is not saved yet." });
    const before = await workings.find(jobId, id);
    const changed = change(before.working);
    if (!changed.ok) return invalid(fields, { [field]: changed.problem.message });
    const sent = { working: changed.value, texts: before.texts, version: Number(fields.version) };
    return answerEdit(await workings.save(jobId, id, sent), {
      ...{ fields, drafts, draft, what },
      to: `/jobs/${jobId}/pieces?${new URLSearchParams([["draw", id], ...passed.map((one) => ["passed", one])])}`,
      // What comes is added to whatever there is: nothing stands against anything.
      rows: () => [],
    });
  });
}
