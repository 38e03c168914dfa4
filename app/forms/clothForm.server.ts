import { CLOTH_KINDS, type Cloth, type SwatchTest } from "../../core/cloth/cloth.ts";
import { DIRECTIONS } from "../../core/cloth/direction.ts";
import { evaluateHandTest, HAND_TEST_PROBLEM_FIELDS } from "../../core/cloth/handTest.ts";
import { parseDay } from "../../core/units/day.ts";
import { parseLength } from "../../core/units/parseLength.ts";
import { type FieldErrors, formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, notes, optionalLine } from "./fields.server.ts";
import type { Fields } from "./unsaved.ts";

const validateCloth = formValidator(
  formOf({
    name: line("a name"),
    kind: choice("a kind", CLOTH_KINDS),
    composition: optionalLine("the composition"),
    notes: notes(),
  }),
);

/** Reads the form of a cloth. */
export function readCloth(fields: Fields) {
  const valid = validateCloth(fields);
  if (!valid.ok) return valid;
  const { name, kind, composition = "", notes: words = "" } = valid.value;
  return { ok: true as const, value: { name, kind: kind as Cloth["kind"], composition, notes: words } };
}

const validateTest = formValidator(
  formOf({
    direction: choice("a direction", DIRECTIONS),
    testedOn: line("the day of the test"),
    gauge: line("the gauge"),
    stretched: line("the stretched length"),
    after: optionalLine("the length after 60 s"),
  }),
);

/** Form field of each length of a hand test. */
const FIELD_OF = { gaugeMm: "gauge", stretchedMm: "stretched", afterMm: "after" } as const;

/** A bare number of a swatch test is in millimetres: what a ruler beside a swatch reads. */
function readSwatchLength(text: string) {
  return parseLength(/^[\d.,\s/½¼¾⅛⅜⅝⅞⅓⅔-]+$/.test(text.trim()) ? `${text} mm` : text, "cm");
}

/** Reads the form of a hand test. The length after 60 s may be left out; recovery is then unknown. */
export function readHandTest(
  fields: Fields,
  clothId: number,
  today: string,
): { ok: true; value: Omit<SwatchTest, "id"> } | { ok: false; errors: FieldErrors } {
  const valid = validateTest(fields);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const day = parseDay(fields.testedOn ?? "", today);
  if (!day.ok) errors.testedOn ??= day.problem.message;
  const lengths = { gaugeMm: 0, stretchedMm: 0, afterMm: null as number | null };
  for (const [key, field] of Object.entries(FIELD_OF) as [keyof typeof lengths, string][]) {
    const text = (fields[field] ?? "").trim();
    if (text === "" || errors[field]) continue;
    const parsed = readSwatchLength(text);
    if (parsed.ok) lengths[key] = parsed.value;
    else errors[field] = parsed.problem.message.replace("71.5 or 28 1/4 in", "162 mm or 6 3/8 in");
  }
  if (!valid.ok || !day.ok || Object.keys(errors).length > 0) return { ok: false, errors };
  const evaluated = evaluateHandTest(lengths);
  if (!evaluated.ok) {
    const field = HAND_TEST_PROBLEM_FIELDS[evaluated.problem.code];
    return { ok: false, errors: { [field ? FIELD_OF[field] : "form"]: evaluated.problem.message } };
  }
  const direction = valid.value.direction as SwatchTest["direction"];
  return { ok: true, value: { clothId, direction, testedOn: day.value, ...lengths } };
}
