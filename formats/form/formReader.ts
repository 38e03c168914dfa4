import type { ErrorObject } from "ajv";
import { schemaCompiler } from "../schemaCompiler.ts";
import type { FormRead } from "./formRead.ts";
import type { FlatFields } from "./payload.ts";
import { readTree } from "./readTree.ts";
import type { FormFacts, FormSchema } from "./schema.ts";

const compiled = schemaCompiler(["reads", "rowBy", "takes"]);

/** A form as typed that agrees with its schema, or what does not. */
export type TypedForm<Value> = FormRead<Value> &
  (
    | {
        readonly ok: true;
        /** Name of the field behind a part of the value, by its JSON pointer: what a rule over several fields needs. */
        readonly nameOf: (pointer: string) => string;
      }
    | { readonly ok: false }
  );

/**
 * The reader of a form by its schema: it makes a value of what was typed, or has one message a field: what was expected
 * there and what came.
 */
export function formReader<Value>(
  schema: FormSchema<Value>,
): (fields: FlatFields, facts?: Partial<FormFacts>) => TypedForm<Value> {
  const checkOf = compiled(schema);
  return (fields, facts = {}) => {
    const validate = checkOf();
    const { value, errors, names } = readTree(schema, fields, { ...factsOf(fields), ...facts });
    if (validate(value) && Object.keys(errors).length === 0)
      return { ok: true, value: value as Value, nameOf: (pointer) => names.get(pointer) ?? "form" };
    for (const error of validate.errors ?? []) {
      const name = fieldOf(error, names);
      // What could not be read is missing for that reason: it was told already.
      errors[name] ??= sentence(error);
    }
    return { ok: false, errors };
  };
}

/** What a form says of itself. A day of a form that is read without one may be any. */
const factsOf = ({ unit }: FlatFields): FormFacts => ({
  unit: unit === "in" || unit === "mm" ? unit : "cm",
  today: "9999-12-31",
});

function fieldOf({ keyword, params, instancePath }: ErrorObject, names: ReadonlyMap<string, string>): string {
  const pointer = keyword === "required" ? `${instancePath}/${String(params.missingProperty)}` : instancePath;
  return names.get(pointer) || "form";
}

function sentence({ keyword, params, parentSchema, data }: ErrorObject): string {
  const named = keyword === "required" ? parentSchema?.properties?.[params.missingProperty] : parentSchema;
  const title = named?.title ?? "a value";
  if (keyword === "required") return `Expected ${title}, but the field is empty.`;
  if (keyword === "minItems")
    return `Expected at least ${counted(params.limit)} ${title}${params.limit === 1 ? "" : "s"}, but ${come(data)}.`;
  if (keyword === "maxItems") return `Expected at most ${params.limit} ${title}s, but ${come(data)}.`;
  return `Expected ${title}, but got ${JSON.stringify(String(data).slice(0, 60))}.`;
}

const WORDS = ["no", "one", "two", "three"];
const counted = (count: number): string => WORDS[count] ?? String(count);

function come(rows: unknown): string {
  const count = Array.isArray(rows) ? rows.length : 0;
  if (count === 0) return "there is none";
  return count === 1 ? "there is one" : `there are ${count}`;
}
