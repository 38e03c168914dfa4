import type { PickedRecord } from "../calculation/index.ts";
import { fieldsOfWorking, type WorkingId, type Workings } from "./calculations.ts";

/** A record that an entry of a calculation refers to. */
export interface Picked {
  /** Name of the entry. */
  readonly name: string;
  readonly of: PickedRecord;
  readonly id: number;
}

/** Every record a working refers to; what its fields do not pick it does not hold. */
export const picksOf = <Id extends WorkingId>(id: Id, working: Workings[Id]): Picked[] =>
  fieldsOfWorking(id).flatMap(([name, field]) => {
    const value = (working as unknown as Readonly<Record<string, unknown>>)[name];
    return field.as === "pick" && typeof value === "number" ? [{ name, of: field.of, id: value }] : [];
  });
