import { Type } from "typebox";
import { type DraftFacts, OPERATIONS, type OperationCall } from "../../core/drafting/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { readJson } from "../json.ts";
import { withinLimit } from "../textLimit.ts";
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
const DRAFT_FILE = Type.Object(
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
    operations: Type.Optional(
      Type.Array(
        Type.Object(
          { operation: Type.String({ maxLength: 60 }), onSide: Type.Optional(Type.Enum(["left", "right"])) },
          { additionalProperties: true },
        ),
        {
          maxItems: 200,
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
  /** Done one after the other once it is drawn. */
  readonly operations: readonly OperationCall[];
}

/**
 * Reads a file to draft from.
 * @returns what it asks for; `file-too-large`, what {@link readJson} says, `invalid-input`, or `another-unit` where its lengths
 *   are not in millimetres.
 */
export function readDraftFile(text: string): Result<DraftRequest> {
  const limited = withinLimit(text, LONGEST_TEXT);
  if (!limited.ok) return limited;
  const json = readJson(text);
  if (!json.ok) return json;
  const unit = unitOf(json.value);
  if (unit !== undefined && unit !== "mm")
    return fail("another-unit", `Expected lengths in mm, but the file says “${String(unit).slice(0, 20)}”.`);
  const file = validate(json.value);
  if (!file.ok) return file;
  const { recipe, measures = {}, girths = {}, lengths = {}, options = {}, operations = [] } = file.value;
  const calls = readCalls(operations);
  return calls.ok ? ok({ recipe, facts: { measures, girths, lengths, options }, operations: calls.value }) : calls;
}

const PARAMS = new Map(OPERATIONS.map(({ id, params }) => [id, validator(params)]));

/** Reads the numbers of each operation by its own schema. */
function readCalls(
  operations: readonly { readonly operation: string; readonly onSide?: "left" | "right" }[],
): Result<OperationCall[]> {
  const calls: OperationCall[] = [];
  for (const [at, { operation, onSide, ...params }] of operations.entries()) {
    const read = PARAMS.get(operation);
    if (!read)
      return fail(
        "unknown-operation",
        `Operation ${at + 1}: expected one of ${[...PARAMS.keys()].join(", ")}, but got “${operation.slice(0, 40)}”.`,
      );
    const valid = read(params);
    if (!valid.ok) return fail(valid.problem.code, `Operation ${at + 1}, ${operation}: ${valid.problem.message}`);
    calls.push({ operation, params, ...(onSide ? { onSide } : {}) });
  }
  return ok(calls);
}

const unitOf = (value: unknown): unknown =>
  typeof value === "object" && value !== null && "unit" in value ? (value as { unit: unknown }).unit : undefined;
