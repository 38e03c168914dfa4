import type { Static, TSchema } from "typebox";
import type { Result } from "../../result.ts";
import type { Draft } from "../draft.ts";

/** A named change of drawn pieces, by numbers: it gives a new draft, and the one before stays what it was. */
export interface Operation<Schema extends TSchema = TSchema> {
  readonly id: string;
  readonly name: string;
  /** One sentence: what it does. */
  readonly about: string;
  readonly params: Schema;
  /** @returns the draft with the change in; or a problem that says what it expected. */
  readonly apply: (draft: Draft, params: Static<Schema>) => Result<Draft>;
}

/** Ties what an operation is given to its schema's type: whoever calls it has read the numbers by that schema. */
export const operation = <Schema extends TSchema>(of: Operation<Schema>): Operation => of as unknown as Operation;
