import { workingSchema } from "../../core/calculation/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { calculationOf, WORKING_IDS, type WorkingId, type Workings } from "../../core/workings/index.ts";
import { validator } from "../validation.ts";

const VALIDATORS = new Map(
  WORKING_IDS.map((id) => {
    const { fields, unfielded } = calculationOf(id);
    return [id, validator(workingSchema(fields, unfielded))] as const;
  }),
);

/**
 * Reads the working of a calculation from a data file or a job's file. What an older version did not keep yet is as
 * before anything is entered.
 *
 * @returns `working-invalid` with what was expected and what came.
 */
export function readKeptWorking<Id extends WorkingId>(id: Id, kept: unknown): Result<Workings[Id]> {
  if (typeof kept !== "object" || kept === null || Array.isArray(kept))
    return fail("working-invalid", `Expected the entries of the calculation “${id}”, but got none.`);
  const read = VALIDATORS.get(id)?.({ ...calculationOf(id).fresh, ...kept });
  if (!read?.ok)
    return fail("working-invalid", `The calculation “${id}”: ${read?.problem.message ?? "it is not known here."}`);
  // The schema is made from the fields of this very calculation; a test holds that it covers every value of its type.
  return ok(read.value as unknown as Workings[Id]);
}
