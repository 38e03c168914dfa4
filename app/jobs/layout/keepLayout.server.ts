import { isLayoutId, KEPT_LAYOUT, type KeptLayout, LAYOUTS, laidAgain } from "../../../core/layout/index.ts";
import type { WorkingFacts } from "../../../core/workings/index.ts";
import type { Store } from "../../../data/store.ts";
import { validator } from "../../../formats/validation.ts";
import { answerEdit } from "../../.server/http/answerEdit.ts";
import { found, invalid, notFound } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";
import { workingDraft } from "../calculation/workingDraft.ts";

const readKept = validator(KEPT_LAYOUT);

/** Keeps a layout that was found in the browser: if its pieces still lie on the cloth as it is kept here, none over another. */
export function keepLayout(fields: Fields, jobId: number, store: Store, facts: WorkingFacts) {
  const id = fields.working;
  if (!isLayoutId(id)) notFound("cloth of a layout");
  return store.inTransaction(async ({ jobs, workings, drafts }) => {
    found(await jobs.find(jobId), "job");
    const draft = workingDraft(jobId, id);
    if (await drafts.find(draft))
      return invalid(fields, { best: "Expected what is typed beside it to be kept first: it is not saved yet." });
    const best = parsed(fields.best ?? "");
    if (!best)
      return invalid(fields, { best: "Expected a layout with a place for each piece, but it cannot be read." });
    const before = await workings.find(jobId, id);
    const { shapes, table } = LAYOUTS[id].reckon({ ...before.working, best: null }, facts[id]);
    if (!table || !laidAgain(shapes, table, best))
      return invalid(fields, {
        best: "Expected a layout of the pieces as they are now, but they have changed since it was found: search anew.",
      });
    const sent = { working: { ...before.working, best }, texts: before.texts, version: Number(fields.version) };
    return answerEdit(await workings.save(jobId, id, sent), {
      ...{ fields, drafts, draft, what: "layout", to: `/jobs/${jobId}/layout?of=${id}` },
      rows: () => [],
    });
  });
}

function parsed(text: string): NonNullable<KeptLayout> | null {
  try {
    const read = readKept(JSON.parse(text));
    return read.ok ? read.value : null;
  } catch {
    return null;
  }
}
