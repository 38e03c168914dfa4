import type { Result } from "../../core/result.ts";
import type { LengthUnit } from "../../core/units/index.ts";

/** What a form is read against beside its own fields. */
export interface FormFacts {
  /** Unit of lengths typed without one. */
  readonly unit: LengthUnit | "mm";
  /** The last day anything can be dated, ISO. */
  readonly today: string;
}

declare const VALUE: unique symbol;

/**
 * The schema of a form or of a part of it: a JSON Schema for the values, and for each field how its text becomes one.
 * `Value` is what the form is read as.
 */
export interface FormSchema<Value = unknown> {
  readonly [VALUE]?: Value;
  readonly type?: "object" | "array" | "string" | "number" | "integer" | "boolean";
  /** Completes "Expected …". */
  readonly title?: string;
  /** Of a field: reads what was typed, blanks at its ends taken off; never called with an empty text. */
  readonly reads?: (text: string, facts: FormFacts) => Result<unknown>;
  /** What an empty field, or a part of the form that did not come, is read as. */
  readonly default?: unknown;
  readonly nullable?: boolean;
  readonly properties?: Readonly<Record<string, FormSchema>>;
  readonly required?: readonly string[];
  readonly items?: FormSchema;
  /** Of a list: the fields of a row one of which must be filled in for the row to count. */
  readonly rowBy?: readonly string[];
  /** Of a group whose fields are not known before: true for a name that may be one of them. */
  readonly takes?: (name: string) => boolean;
  readonly [keyword: string]: unknown;
}

/** What a schema's form is read as. */
export type ValueOf<Schema> = Schema extends FormSchema<infer Value> ? Value : never;

/** Fields that belong together, each under its own name. */
export function group<Properties extends Readonly<Record<string, FormSchema>>>(
  properties: Properties,
): FormSchema<{ readonly [Name in keyof Properties]: ValueOf<Properties[Name]> }> {
  return { type: "object", properties, required: Object.keys(properties), default: {} };
}

/** One field of a kind for each of several keys; what is empty is not there. */
export function each<Key extends string, Value>(
  keys: readonly Key[],
  schemaOf: (key: Key) => FormSchema<Value>,
): FormSchema<Readonly<Partial<Record<Key, Value>>>> {
  const properties = Object.fromEntries(keys.map((key) => [key, schemaOf(key)]));
  return { type: "object", properties, required: [], default: {} };
}

/** One field of a kind for each of several keys, all of them filled in. */
export const all = <Key extends string, Value>(
  keys: readonly Key[],
  schemaOf: (key: Key) => FormSchema<Value>,
): FormSchema<Readonly<Record<Key, Value>>> =>
  ({ ...each(keys, schemaOf), required: keys }) as FormSchema<Readonly<Record<Key, Value>>>;

/** Fields of one kind whose names the page gave itself; others, and empty ones, are left out. */
export const record = <Value>(
  schema: FormSchema<Value>,
  takes: (name: string) => boolean,
): FormSchema<Readonly<Record<string, Value>>> => ({
  type: "object",
  takes,
  additionalProperties: schema,
  default: {},
});

/**
 * A list of rows. Rows in which none of the fields `rowBy` (of any field, where none are named) is filled in are left out; the errors of the others stand
 * at the row they were typed in.
 */
export function listOf<Value>(
  items: FormSchema<Value>,
  { rowBy = [], least = 0, most, title }: { rowBy?: readonly string[]; least?: number; most: number; title: string },
): FormSchema<readonly Value[]> {
  return { type: "array", items, rowBy, minItems: least, maxItems: most, title, default: [] };
}

/** A field that may stay empty: then it is null. */
export function orNull<Value>(schema: FormSchema<Value>): FormSchema<Value | null> {
  const words = schema.enum as readonly unknown[] | undefined;
  return { ...schema, default: null, nullable: true, ...(words ? { enum: [...words, null] } : {}) };
}

/** A field that is read as something else where it stays empty. */
export const orElse = <Value>(schema: FormSchema<Value>, other: NoInfer<Value>): FormSchema<Value> => ({
  ...schema,
  default: other,
});
