import { type Sheet, WORN_UNDER } from "../../../core/body/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  day,
  type FormRead,
  group,
  type Messages,
  notes,
  optionalLine,
  orElse,
  tick,
  unless,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { answersOf, answersSchema } from "../answerFields.ts";
import { measuresOf, measuresSchema } from "../measureFields.ts";

const readTyped = formReader(
  group({
    takenOn: day("the day of measuring"),
    unit: choice("a unit", ["cm", "in"]),
    tape: choice("a tape school", ["snug", "finger"]),
    measuredBy: optionalLine("who measured"),
    selfMeasured: tick(),
    wornUnder: orElse(
      choice(
        "what was worn under the tape",
        WORN_UNDER.map(({ id }) => id),
      ),
      "nothing",
    ),
    consent: optionalLine("the consent"),
    notes: notes(),
    measure: measuresSchema,
    answer: answersSchema,
  }),
);

/** Reads the form of a new sheet. Empty measures were not taken; at least one must be there. */
export function readSheet(fields: Fields, today: string): FormRead<Omit<Sheet, "id" | "wearerId">> {
  const read = readTyped(fields, { today });
  if (!read.ok) return read;
  const { measure, answer, ...head } = read.value;
  const { values, notTaken, errors } = measuresOf(measure);
  const none: Messages =
    values.length === 0 ? { form: "Expected at least one measure, but all fields are empty." } : {};
  return unless({ ...none, ...errors }, () => ({ ...head, values, notTaken, answers: answersOf(answer) }));
}
