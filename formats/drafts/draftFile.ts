import { Type } from "typebox";
import type { DraftFacts } from "../../core/drafting/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { readJson } from "../json.ts";
import { validator } from "../validation.ts";

/** Longest text of a file that is read: a draft is a few hundred numbers, not megabytes of them. */
const LONGEST_TEXT = 1_000_000;

/** Longest length of a file, mm: ten metres are no body and no garment. */
const LONGEST_MM = 10_000;

const mm = () => Type.Number({ exclusiveMinimum: 0, maximum: LONGEST_MM });
const byName = () =>
  Type.Record(
    Type.String({ pattern: "^[A-Za-z_]{1,40}$" }),
    Type.Union([mm(), Type.Object({ left: mm(), right: mm() }, { additionalProperties: false })]),
    { additionalProperties: false },
  );

/** A file to draft from: lengths in mm, and the unit says so where it is given. */
export const DRAFT_FILE = Type.Object(
  {
    recipe: Type.String({ maxLength: 60 }),
    unit: Type.Optional(Type.Literal("mm")),
    measures: Type.Optional(byName()),
    girths: Type.Optional(byName()),
    lengths: Type.Optional(byName()),
    options: Type.Optional(
      Type.Record(
        Type.String({ pattern: "^[a-z_]{1,40}$" }),
        Type.Union([Type.Number(), Type.String({ maxLength: 60 })]),
        {
          additionalProperties: false,
        },
      ),
    ),
  },
  { additionalProperties: false },
);

const validate = validator(DRAFT_FILE);

/** What a file asks to be drawn. */
export interface DraftRequest {
  readonly recipe: string;
  readonly facts: DraftFacts;
}

/**
 * Reads a file to draft from.
 * @returns what it asks for; `file-too-large`, what {@link readJson} says, `invalid-input`, or `another-unit` where its lengths
 *   are not in millimetres.
 */
export function readDraftFile(text: string): Result<DraftRequest> {
  if (text.length > LONGEST_TEXT)
    return fail(
      "file-too-large",
      `Expected a file of up to ${LONGEST_TEXT / 1_000_000} million signs, but it has ${text.length}.`,
    );
  const json = readJson(text);
  if (!json.ok) return json;
  const unit = unitOf(json.value);
  if (unit !== undefined && unit !== "mm")
    return fail("another-unit", `Expected lengths in mm, but the file says “${String(unit).slice(0, 20)}”.`);
  const file = validate(json.value);
  if (!file.ok) return file;
  const { recipe, measures = {}, girths = {}, lengths = {}, options = {} } = file.value;
  return ok({ recipe, facts: { measures, girths, lengths, options } });
}

const unitOf = (value: unknown): unknown =>
  typeof value === "object" && value !== null && "unit" in value ? (value as { unit: unknown }).unit : undefined;
