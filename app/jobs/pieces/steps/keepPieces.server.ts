import type { PiecesId } from "../../../../core/pieces/index.ts";
import type { Store } from "../../../../data/store.ts";
import type { Fields } from "../../../form/unsaved.ts";
import { keepChanged, type WorkingChange } from "../../calculation/keepChanged.server.ts";

/** What is added to pieces of a job beside their own form. */
interface Addition<Id extends PiecesId> extends Pick<WorkingChange<Id>, "id" | "field" | "what" | "change"> {
  /** What of it was passed over, told on the page it goes on to. */
  readonly passed?: readonly string[];
}

/** Keeps pieces with something added, if nobody changed them meanwhile and nothing of their form is half-typed. */
export const keepPieces = <Id extends PiecesId>(
  fields: Fields,
  jobId: number,
  store: Store,
  { passed = [], ...added }: Addition<Id>,
) =>
  keepChanged(fields, jobId, store, {
    ...added,
    to: `/jobs/${jobId}/pieces?${new URLSearchParams([["draw", added.id], ...passed.map((one) => ["passed", one])])}`,
  });
