import {
  DIRECTIONS,
  evaluateHandTest,
  HAND_TEST_PROBLEM_FIELDS,
  type HandTest,
  SWATCH_STATES,
  type SwatchTest,
} from "../../core/cloth/index.ts";
import { formReader } from "../../formats/form/formReader.ts";
import {
  choice,
  day,
  type FormRead,
  group,
  type Messages,
  notes,
  orElse,
  orNull,
  unless,
  type ValueOf,
  whole,
} from "../../formats/form/index.ts";
import type { Fields } from "../form/unsaved.ts";
import { EMPTY_LENGTH, ladderOf, ladderSchema, neckSchema, swatch } from "./ladderForm.ts";

/** Most washes anybody has counted. */
const MOST_WASHES = 1000;

const schema = group({
  direction: choice("a direction", DIRECTIONS),
  testedOn: day("the day of the test"),
  state: orElse(
    choice(
      "a state",
      SWATCH_STATES.map(({ id }) => id),
    ),
    "new",
  ),
  washes: orNull(whole({ what: "how often it was washed", least: 1, most: MOST_WASHES })),
  look: orNull(choice("how the cells look", ["narrow", "wide"])),
  note: notes(),
  gauge: orNull(swatch()),
  stretched: orNull(swatch()),
  after: orNull(swatch()),
  ladder: ladderSchema,
  neck: neckSchema,
});

const readTyped = formReader(schema);

type Typed = ValueOf<typeof schema>;

/** Form field of each length of a hand test. */
const FIELD_OF = { gaugeMm: "gauge", stretchedMm: "stretched", afterMm: "after" } as const;

/** Reads the form of a swatch test: a hand test, a load ladder or both; lengths in millimetres unless they say otherwise. */
export function readSwatchTest(fields: Fields, clothId: number, today: string): FormRead<Omit<SwatchTest, "id">> {
  const read = readTyped(fields, { today });
  if (!read.ok) return read;
  const { direction, testedOn, state, look, note } = read.value;
  const by = handOf(read.value);
  const { ladder, errors: ladderErrors } = ladderOf(read.value, read.nameOf);
  const errors: Messages = { ...by.errors, ...ladderErrors };
  const washes = state === "washed" ? read.value.washes : null;
  if (state === "washed" && washes === null)
    errors.washes = "Expected how often it was washed, such as 5, but the field is empty.";
  if (!by.hand && !ladder && Object.keys(errors).length === 0)
    errors.stretched = "Expected a hand test or a load ladder, but both are empty.";
  return unless(errors, () => ({
    ...{ clothId, direction, testedOn, state, washes, look, note, hand: by.hand, ladder },
    struck: null,
    directionWas: null,
  }));
}

/** A hand test is there as soon as its stretched length is; a gauge alone is only what the form starts from. */
function handOf({ gauge, stretched, after: afterMm }: Typed): { hand: HandTest | null; errors: Messages } {
  if (stretched === null && afterMm === null) return { hand: null, errors: {} };
  if (gauge === null || stretched === null)
    return {
      hand: null,
      errors: {
        ...(gauge === null ? { gauge: EMPTY_LENGTH } : {}),
        ...(stretched === null ? { stretched: EMPTY_LENGTH } : {}),
      },
    };
  const hand = { gaugeMm: gauge, stretchedMm: stretched, afterMm };
  const evaluated = evaluateHandTest(hand);
  if (evaluated.ok) return { hand, errors: {} };
  const field = HAND_TEST_PROBLEM_FIELDS[evaluated.problem.code];
  return { hand: null, errors: { [field ? FIELD_OF[field] : "form"]: evaluated.problem.message } };
}
