import { formatPaths } from "@conform-to/dom";
import { type FlatFields, payloadOf } from "./payload.ts";
import type { FormFacts, FormSchema } from "./schema.ts";

/** Messages by the name of their field. */
export type Messages = Record<string, string>;

/** What a form says as far as it can be read: fields that cannot be are missing, with a message for each. */
export interface ReadTree {
  readonly value: unknown;
  readonly errors: Messages;
  /** Name of the form's field behind each part of the value, by its JSON pointer: rows left out move the others up. */
  readonly names: ReadonlyMap<string, string>;
}

/** A step of a path: a property or a row. */
type Path = readonly (string | number)[];

/** One reading: what is wrong so far, and where each part of the value came from. */
interface Reading {
  readonly facts: FormFacts;
  readonly errors: Messages;
  readonly names: Map<string, string>;
}

/** Reads a form by its schema, field by field. It runs in the browser as well, while the form is typed. */
export function readTree(schema: FormSchema, fields: FlatFields, facts: FormFacts): ReadTree {
  const payload = payloadOf(fields);
  if (!payload.ok) return { value: {}, errors: { form: payload.problem.message }, names: new Map() };
  const reading: Reading = { facts, errors: {}, names: new Map() };
  return { value: read(schema, payload.value, { typed: [], kept: [] }, reading), ...reading };
}

/** Where a part stands in the form, and where in the value. */
interface At {
  readonly typed: Path;
  readonly kept: Path;
}

const below = ({ typed, kept }: At, from: string | number, to = from): At => ({
  typed: [...typed, from],
  kept: [...kept, to],
});

function read(schema: FormSchema, came: unknown, at: At, reading: Reading): unknown {
  reading.names.set(pointerOf(at.kept), nameOf(at.typed));
  if (schema.properties) return readGroup(schema.properties, came, at, reading);
  if (schema.takes) return readGroup(namedBy(schema, schema.takes, came), came, at, reading);
  if (schema.items) return readRows(schema, came, at, reading);
  return readField(schema, textOf(came), at, reading);
}

function readGroup(properties: Readonly<Record<string, FormSchema>>, came: unknown, at: At, reading: Reading) {
  const parts = isTree(came) ? came : {};
  const value: Record<string, unknown> = {};
  for (const [name, inner] of Object.entries(properties)) {
    const part = read(inner, Object.hasOwn(parts, name) ? parts[name] : undefined, below(at, name), reading);
    if (part !== undefined) value[name] = part;
  }
  return value;
}

/** The fields that came of those a group may have. */
const namedBy = ({ additionalProperties }: FormSchema, takes: (name: string) => boolean, came: unknown) =>
  Object.fromEntries(
    Object.keys(isTree(came) ? came : {})
      .filter(takes)
      .map((name) => [name, additionalProperties as FormSchema]),
  );

function readRows({ items = {}, rowBy = [] }: FormSchema, came: unknown, at: At, reading: Reading): unknown[] {
  const rows: unknown[] = [];
  for (const [index, row] of (Array.isArray(came) ? came : []).entries()) {
    const counts =
      rowBy.length === 0 ? hasText(row) : rowBy.some((name) => hasText(isTree(row) ? row[name] : undefined));
    if (!counts) continue;
    rows.push(read(items, row, below(at, index, rows.length), reading));
  }
  return rows;
}

function readField(schema: FormSchema, text: string, at: At, { facts, errors }: Reading): unknown {
  if (text === "") return schema.default;
  const answer = schema.reads?.(text, facts);
  if (answer?.ok) return answer.value;
  if (answer) errors[nameOf(at.typed)] = answer.problem.message;
  return undefined;
}

/** The text of a field; of several of one name the last counts. */
function textOf(came: unknown): string {
  const last = Array.isArray(came) ? came.at(-1) : came;
  return typeof last === "string" ? last.trim() : "";
}

/** True where anything is typed in a field, or in any below it. */
const hasText = (came: unknown): boolean =>
  typeof came === "string" ? came.trim() !== "" : typeof came === "object" && Object.values(came ?? {}).some(hasText);

const isTree = (came: unknown): came is Readonly<Record<string, unknown>> =>
  typeof came === "object" && came !== null && !Array.isArray(came);

const nameOf = (typed: Path): string => formatPaths([...typed]);

const pointerOf = (kept: Path): string =>
  kept.map((step) => `/${String(step).replaceAll("~", "~0").replaceAll("/", "~1")}`).join("");

/** True where nothing a schema requires is missing from what was read: as far as that goes, a form is filled in. */
export function isWhole(schema: FormSchema, value: unknown): boolean {
  const { items, properties = {}, required = [] } = schema;
  if (items) return Array.isArray(value) && value.every((row) => isWhole(items, row));
  if (!schema.properties) return value !== undefined;
  return Object.entries(properties).every(([name, inner]) => {
    const part = isTree(value) ? value[name] : undefined;
    return part === undefined ? !required.includes(name) : isWhole(inner, part);
  });
}
