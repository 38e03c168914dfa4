import type { WorkingId } from "../../../core/workings/index.ts";
import type { Unsaved } from "../../form/unsaved.ts";

/** What came back unsaved, for the working it belongs to; a page has several. */
export const unsavedFor = (id: WorkingId, answer: Unsaved | undefined): Unsaved | undefined =>
  answer && answer.fields.working === id ? answer : undefined;
