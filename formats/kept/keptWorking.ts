import { workingSchema } from "../../core/calculation/index.ts";
import type { Result } from "../../core/result.ts";
import { calculationOf, WORKING_IDS, type WorkingId, type Workings } from "../../core/workings/index.ts";
import { type KeptType, keptType } from "./keptType.ts";

/** What a maker entered for each calculation; what an older version did not keep yet is as before anything is entered. */
const KEPT_WORKINGS = Object.fromEntries(
  WORKING_IDS.map((id) => {
    const { fields, unfielded, fresh, upcasts = [] } = calculationOf(id);
    const what = `the entries of the calculation “${id}”`;
    return [id, keptType({ what, schema: workingSchema(fields, unfielded), fresh, upcasts })];
  }),
) as unknown as { readonly [Id in WorkingId]: KeptType<Workings[Id]> };

/** The format a working is kept in today. */
export const workingFormat = (id: WorkingId): number => KEPT_WORKINGS[id].format;

/**
 * Reads the working of a calculation from a data file or a job's file.
 * @returns `kept-unreadable` with what was expected and what came.
 */
export const readKeptWorking = <Id extends WorkingId>(id: Id, kept: unknown, format: number): Result<Workings[Id]> =>
  (KEPT_WORKINGS[id] as KeptType<Workings[Id]>).read(kept, format);
