import type { Static, TSchema } from "typebox";
import type { Result } from "../result.ts";

/** One kind of computation of the scripting interface: the schema of its input and the function behind it. */
export interface ComputeKind<Schema extends TSchema = TSchema> {
  readonly kind: string;
  readonly input: Schema;
  /** Computes an input that already agrees with the schema. */
  compute(input: Static<Schema>): Result<Record<string, unknown>>;
}

/** Ties the function's argument to the schema's type. */
export const computeKind = <Schema extends TSchema>(kind: ComputeKind<Schema>): ComputeKind =>
  kind as unknown as ComputeKind;
