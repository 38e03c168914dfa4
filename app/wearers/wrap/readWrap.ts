import { type BodyWrap, WRAP_COUNTS, type WrapEdge } from "../../../core/torso/index.ts";
import { type LengthUnit, parseDay, parseLength } from "../../../core/units/index.ts";
import type { FieldErrors } from "../../../formats/validation.ts";
import { unitOf } from "../../form/formUnit.ts";
import type { Fields } from "../../form/unsaved.ts";
import { edgeFields, MOST_EDGES } from "./wrapFields.ts";

/** A wrap as read, with what of it cannot be. */
export interface ReadWrap {
  readonly value: Omit<BodyWrap, "id" | "wearerId" | "version">;
  readonly errors: FieldErrors;
}

const LONGEST_MM = 3000;
const LONGEST_NAME = 120;

/** Reads the form of a body wrap; rows without a length and a piece are left out. It reads the same in the browser. */
export function readWrap(fields: Fields, today: string): ReadWrap {
  const errors: Record<string, string> = {};
  const name = (fields.name ?? "").trim();
  if (name === "" || name.length > LONGEST_NAME)
    errors.name = `Expected a name of 1 to ${LONGEST_NAME} letters, but got ${name.length}.`;
  const taken = parseDay(fields.takenOn ?? "", today);
  if (!taken.ok) errors.takenOn = taken.problem.message;
  const unit = unitOf(fields);
  const edges = Array.from({ length: MOST_EDGES }, (_, index) => readEdge(fields, index + 1, unit, errors)).flat();
  if (edges.length === 0 && Object.keys(errors).length === 0)
    errors[edgeFields(1).length] = "Expected at least one edge, but there is none.";
  return {
    value: { name, takenOn: taken.ok ? taken.value : today, notes: (fields.notes ?? "").slice(0, 4000), edges },
    errors,
  };
}

function readEdge(fields: Fields, row: number, unit: LengthUnit, errors: Record<string, string>): WrapEdge[] {
  const names = edgeFields(row);
  const text = (name: keyof typeof names) => (fields[names[name]] ?? "").trim();
  if (text("piece") === "" && text("length") === "") return [];
  if (text("piece") === "") errors[names.piece] = "Expected the name of the piece.";
  if (text("seam").length > 4)
    errors[names.seam] = `Expected a letter or two, such as A, but got “${text("seam").slice(0, 20)}”.`;
  const length = parseLength(text("length"), unit);
  if (!length.ok) errors[names.length] = length.problem.message;
  else if (!(length.value > 0 && length.value <= LONGEST_MM))
    errors[names.length] = `Expected a length above 0 and up to 3 m, but got “${text("length").slice(0, 40)}”.`;
  const counts = WRAP_COUNTS.find(({ id }) => id === text("counts"))?.id ?? "none";
  if (!length.ok || errors[names.piece] || errors[names.length] || errors[names.seam]) return [];
  return [
    {
      piece: text("piece").slice(0, 60),
      lengthMm: length.value,
      counts,
      twice: text("twice") === "yes",
      seam: text("seam").toUpperCase(),
    },
  ];
}
