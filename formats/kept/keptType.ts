import type { TSchema } from "typebox";
import { fail, ok, type Result } from "../../core/result.ts";
import type { Upcast } from "../../core/upcast.ts";
import { validator } from "../validation.ts";

/** Something the data file and files out of it keep as JSON: how it is read back, whichever version of Stenz wrote it. */
export interface KeptType<T> {
  /** The format it is written in today; what came before is brought up by one small step after another. */
  readonly format: number;
  /** Reads it. @returns `kept-unreadable` with what was expected and what came. */
  read(content: unknown, format: number): Result<T>;
}

/** What a kept type is made of. */
export interface KeptTypeParts {
  /** What it is called in a sentence: `the settings of the ease plan`. */
  readonly what: string;
  readonly schema: TSchema;
  /** From each format to the next, the first first; none while there is one format only. */
  readonly upcasts?: readonly Upcast[];
  /** What its parts are where they came later than what was kept; the schema tells which must be there. */
  readonly fresh?: object;
}

/** A kept type from its schema, its steps from older formats and what it takes where it kept nothing yet. */
export function keptType<T>({ what, schema, upcasts = [], fresh = {} }: KeptTypeParts): KeptType<T> {
  const validate = validator(schema);
  const newest = upcasts.length + 1;
  return {
    format: newest,
    read(content, format) {
      if (!Number.isInteger(format) || format < 1 || format > newest) {
        return fail(
          "kept-unreadable",
          `Expected ${what} in a format from 1 to ${newest}, but it is in ${String(format).slice(0, 20)}.`,
        );
      }
      if (!isRecord(content)) return fail("kept-unreadable", `Expected ${what}, but there is something else.`);
      const today = upcasts.slice(format - 1).reduce((older, upcast) => upcast(older), content);
      const read = validate(filledFrom(fresh, today, schema));
      // The schema says what the type says; tests hold each against a whole value of its type.
      return read.ok ? ok(read.value as T) : fail("kept-unreadable", `In ${what}: ${read.problem.message}`);
    },
  };
}

/**
 * Kept content with what it lacks taken from what is fresh, in depth: a family or a zone that came later too. What may
 * be left out stays left out, since somebody may have taken it out; lists and single values stand as they were kept.
 */
function filledFrom(fresh: unknown, kept: unknown, schema: TSchema): unknown {
  const { properties, required = [] } = schema as ObjectParts;
  if (!isRecord(kept) || !properties) return kept;
  const filled: Record<string, unknown> = { ...kept };
  for (const [name, inner] of Object.entries(properties)) {
    const from = isRecord(fresh) ? fresh[name] : undefined;
    if (kept[name] !== undefined) filled[name] = filledFrom(from, kept[name], inner);
    else if (required.includes(name) && from !== undefined) filled[name] = from;
  }
  return filled;
}

interface ObjectParts {
  readonly properties?: Readonly<Record<string, TSchema>>;
  readonly required?: readonly string[];
}

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === "object" && value !== null && !Array.isArray(value);
