import {
  fieldsOfWorking,
  isWorkingId,
  WORKING_IDS,
  type WorkingId,
  type Workings,
} from "../../../core/workings/index.ts";
import type { Repositories, Store } from "../../../data/store.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import type { Messages } from "../../../formats/form/index.ts";
import type { FieldErrors } from "../../../formats/validation.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, invalid, notFound } from "../../.server/http/answers.ts";
import { conflictRow, type Fields } from "../../form/unsaved.ts";
import { errorsInUse, readWorking, workingFields, workingNames, workingSchema } from "./readWorking.ts";
import { workingDraft } from "./workingDraft.ts";

/** The readers of all workings, by the schema each declares. */
const FORMS = new Map(WORKING_IDS.map((id) => [id, formReader(workingSchema(id))]));

/** What else goes with keeping a working. */
interface Beside {
  /** What is kept of it beside what was typed. */
  readonly settled?: (working: Workings[WorkingId]) => Workings[WorkingId];
  /** What of it cannot be kept, by field: where the record says so, not the form. */
  readonly refuses?: (all: Repositories, working: Workings[WorkingId]) => Promise<Messages>;
  /** What is kept with it, in the same transaction, once it is. */
  readonly also?: (all: Repositories, working: Workings[WorkingId], before: Workings[WorkingId]) => Promise<void>;
}

/** Keeps a working of a job as it was typed; `working` in the form names which. */
export async function saveWorking(
  fields: Fields,
  jobId: number,
  store: Store,
  back: string,
  { settled = (working) => working, refuses, also }: Beside = {},
) {
  const id = fields.working;
  if (!isWorkingId(id)) notFound("calculation");
  return store.inTransaction(async (all) => {
    const { jobs, workings, drafts } = all;
    found(await jobs.find(jobId), "job");
    const before = await workings.find(jobId, id);
    const sent = FORMS.get(id)?.(fields);
    const { working, texts, errors } = readWorking(id, fields, before.working);
    const wrong = sent && !sent.ok ? stillWrong(sent.errors, errors, fields) : {};
    if (Object.keys(wrong).length > 0) return invalid(fields, wrong);
    const refused = (await refuses?.(all, working)) ?? {};
    if (Object.keys(refused).length > 0) return invalid(fields, refused);
    const saved = await workings.save(jobId, id, { working: settled(working), texts, version: startedFrom(fields) });
    if (saved.saved) await also?.(all, working, before.working);
    return answerEdit(saved, {
      ...{ fields, drafts, draft: workingDraft(jobId, id), what: "calculation", to: back },
      rows: (theirs) => rowsAgainst(id, fields, workingFields(id, theirs)),
    });
  });
}

/**
 * What of a form cannot be kept. What cannot be read in a field of no use is as if it were empty; what was read and is more than a field
 * takes would be kept as it is: it is refused there as anywhere.
 */
function stillWrong(errors: FieldErrors, unread: FieldErrors, { idle = "" }: Fields): FieldErrors {
  const inUse = errorsInUse(unread, idle.split(" "));
  return Object.fromEntries(Object.entries(errors).filter(([name]) => name in inUse || !(name in unread)));
}

const rowsAgainst = (id: WorkingId, fields: Fields, theirs: Fields) =>
  workingNames(id, fields, theirs)
    .filter((name) => (fields[name] ?? "") !== (theirs[name] ?? ""))
    .map((name) => conflictRow(fields, name, labelOf(id, name), theirs[name] ?? ""));

/** What a field is called; of a cell its row and column: `edge 3, length`. */
function labelOf(id: WorkingId, name: string): string {
  const [list = "", at, cell = ""] = name.split(/[[\].]+/);
  const field = fieldsOfWorking(id).find(([own]) => own === list)?.[1];
  if (field?.as !== "rows") return field?.label ?? name;
  return `${field.row} ${Number(at) + 1}, ${(field.cells[cell]?.label ?? cell).toLowerCase()}`;
}
