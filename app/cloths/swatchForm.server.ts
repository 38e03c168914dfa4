import {
  DIRECTIONS,
  evaluateHandTest,
  HAND_TEST_PROBLEM_FIELDS,
  type HandTest,
  SWATCH_STATES,
  type SwatchTest,
} from "../../core/cloth/index.ts";
import { parseDay } from "../../core/units/index.ts";
import { type FieldErrors, formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, notes } from "../form/fields.server.ts";
import type { Fields } from "../form/unsaved.ts";
import { readLadder } from "./ladderFields.ts";
import { parseSwatchLength } from "./swatchLength.ts";

const STATES = SWATCH_STATES.map(({ id }) => id);

const validate = formValidator(
  formOf({
    direction: choice("a direction", DIRECTIONS),
    testedOn: line("the day of the test"),
    state: choice("a state", STATES),
    note: notes(),
  }),
);

/** Form field of each length of a hand test. */
const FIELD_OF = { gaugeMm: "gauge", stretchedMm: "stretched", afterMm: "after" } as const;

/** Most washes anybody has counted. */
const MOST_WASHES = 1000;

type ReadTest = { ok: true; value: Omit<SwatchTest, "id"> } | { ok: false; errors: FieldErrors };

/** Reads the form of a swatch test: a hand test, a load ladder or both; lengths in millimetres unless they say otherwise. */
export function readSwatchTest(fields: Fields, clothId: number, today: string): ReadTest {
  const given: Fields = { state: "new", ...fields };
  const valid = validate(given);
  const errors: Record<string, string> = valid.ok ? {} : { ...valid.errors };
  const day = parseDay(given.testedOn ?? "", today);
  if (!day.ok) errors.testedOn ??= day.problem.message;
  const hand = readHand(given, errors);
  const { ladder, errors: ladderErrors } = readLadder(given);
  Object.assign(errors, ladderErrors);
  const washes = given.state === "washed" ? readWashes(given, errors) : null;
  if (!hand && !ladder && Object.keys(errors).length === 0) {
    errors.stretched = "Expected a hand test or a load ladder, but both are empty.";
  }
  if (!valid.ok || !day.ok || Object.keys(errors).length > 0) return { ok: false, errors };
  const { direction, state, note = "" } = valid.value;
  const look = given.look === "narrow" || given.look === "wide" ? given.look : null;
  return {
    ok: true,
    value: {
      clothId,
      direction: direction as SwatchTest["direction"],
      testedOn: day.value,
      state: state as SwatchTest["state"],
      washes,
      look,
      note,
      hand,
      ladder,
      struck: null,
      directionWas: null,
    },
  };
}

/** A hand test is there as soon as its stretched length is; a gauge alone is only what the form starts from. */
function readHand(fields: Fields, errors: Record<string, string>): HandTest | null {
  const texts = Object.fromEntries(Object.values(FIELD_OF).map((name) => [name, (fields[name] ?? "").trim()]));
  if (texts.stretched === "" && texts.after === "") return null;
  const lengths = { gaugeMm: 0, stretchedMm: 0, afterMm: null as number | null };
  for (const [key, name] of Object.entries(FIELD_OF) as [keyof HandTest, string][]) {
    const text = texts[name] ?? "";
    if (text === "" && key === "afterMm") continue;
    const parsed = parseSwatchLength(text);
    if (parsed.ok) lengths[key] = parsed.value;
    else errors[name] = parsed.problem.message;
  }
  if (Object.values(FIELD_OF).some((name) => errors[name])) return null;
  const evaluated = evaluateHandTest(lengths);
  if (evaluated.ok) return lengths;
  const field = HAND_TEST_PROBLEM_FIELDS[evaluated.problem.code];
  errors[field ? FIELD_OF[field] : "form"] = evaluated.problem.message;
  return null;
}

function readWashes(fields: Fields, errors: Record<string, string>): number | null {
  const text = (fields.washes ?? "").trim();
  const washes = Number(text);
  if (/^\d+$/.test(text) && washes >= 1 && washes <= MOST_WASHES) return washes;
  errors.washes = `Expected how often it was washed, such as 5, but ${text === "" ? "the field is empty" : `got “${text.slice(0, 20)}”`}.`;
  return null;
}
