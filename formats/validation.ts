import type { ErrorObject } from "ajv";
import type { Static, TSchema } from "typebox";
import { fail, ok, type Result } from "../core/result.ts";
import { schemaCompiler } from "./schemaCompiler.ts";

const compiled = schemaCompiler();

/**
 * A function that checks unknown data against a schema.
 *
 * @returns `invalid-input` with one sentence for the first mistake: where it is, what was expected, what came.
 */
export function validator<Schema extends TSchema>(schema: Schema): (data: unknown) => Result<Static<Schema>> {
  const checkOf = compiled(schema);
  return (data) => {
    const validate = checkOf();
    if (validate(data)) return ok(data as Static<Schema>);
    const [first] = validate.errors ?? [];
    return fail("invalid-input", first ? sentence(first) : "The input does not agree with its schema.");
  };
}

function sentence(error: ErrorObject): string {
  const at = error.instancePath.slice(1).replaceAll("/", ".");
  const where = at === "" ? "the input" : at;
  if (error.keyword === "required")
    return `Expected ${where} to have “${error.params.missingProperty}”, but it is missing.`;
  if (error.keyword === "additionalProperties") {
    return `Expected only known keys in ${where}, but got “${String(error.params.additionalProperty).slice(0, 40)}”.`;
  }
  return `Expected ${where} ${expectation(error)}, but got ${told(error.data)}.`;
}

function expectation({ keyword, params, message }: ErrorObject): string {
  if (keyword === "enum") return `to be one of ${someOf(params.allowedValues as unknown[])}`;
  return (message ?? `to pass ${keyword}`).replace(/^must /, "to ");
}

/** Choices named in a sentence; of more than these the first, and how many more there are. */
const NAMED = 12;

const someOf = (choices: readonly unknown[]): string =>
  choices.length <= NAMED
    ? choices.join(", ")
    : `${choices.slice(0, NAMED).join(", ")} and ${choices.length - NAMED} more`;

/** Repeats what came, shortened: enough to find it, too little to flood a log. */
function told(data: unknown): string {
  const text = typeof data === "number" ? String(data) : (JSON.stringify(data) ?? String(data));
  return text.length > 60 ? `${text.slice(0, 60)}…` : text;
}

/** Messages for the fields of a form, by field name. */
export type FieldErrors = Readonly<Record<string, string>>;
