import {
  fieldsOfWorking,
  isWorkingId,
  WORKING_IDS,
  type WorkingId,
  type Workings,
} from "../../../core/workings/index.ts";
import type { Store } from "../../../data/store.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { answerEdit, startedFrom } from "../../.server/http/answerEdit.ts";
import { found, invalid, notFound } from "../../.server/http/answers.ts";
import { conflictRow, type Fields } from "../../form/unsaved.ts";
import { readWorking, workingFields, workingNames, workingSchema } from "./readWorking.ts";
import { workingDraft } from "./workingDraft.ts";

/** The readers of all workings, by the schema each declares. */
const FORMS = new Map(WORKING_IDS.map((id) => [id, formReader(workingSchema(id))]));

/**
 * Keeps a working of a job as it was typed; `working` in the form names which.
 * @param settled what is kept of it beside what was typed.
 */
export async function saveWorking(
  fields: Fields,
  jobId: number,
  store: Store,
  back: string,
  settled: (working: Workings[WorkingId]) => Workings[WorkingId] = (working) => working,
) {
  const id = fields.working;
  if (!isWorkingId(id)) notFound("calculation");
  return store.inTransaction(async ({ jobs, workings, drafts }) => {
    found(await jobs.find(jobId), "job");
    const before = await workings.find(jobId, id);
    const sent = FORMS.get(id)?.(fields);
    if (sent && !sent.ok) return invalid(fields, sent.errors);
    const { working, texts } = readWorking(id, fields, before.working);
    return answerEdit(
      await workings.save(jobId, id, { working: settled(working), texts, version: startedFrom(fields) }),
      {
        ...{ fields, drafts, draft: workingDraft(jobId, id), what: "calculation", to: back },
        rows: (theirs) => rowsAgainst(id, fields, workingFields(id, theirs)),
      },
    );
  });
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
