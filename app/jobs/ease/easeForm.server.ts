import { isSchoolId, OPENINGS, type SchoolId, ZONES } from "../../../core/ease/index.ts";
import { fail, ok } from "../../../core/result.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, type FormSchema, group, number, orNull, reference } from "../../../formats/form/index.ts";

/** Girths and pressures a maker may set, mm and kPa: beyond them a digit is wrong. */
const GIRTH_MM = { what: "a girth in mm", least: 30, most: 3000 } as const;
const PRESSURE_KPA = { what: "a pressure in kPa", least: 0, most: 20 } as const;

const school = <Also extends string = never>(...also: readonly Also[]): FormSchema<SchoolId | Also> => ({
  type: "string",
  title: "one of the schools shown",
  reads: (text) =>
    isSchoolId(text) || (also as readonly string[]).includes(text)
      ? ok(text)
      : fail("no-such-school", "Expected one of the schools shown."),
});

const zone = choice("a zone of this style", ZONES);

/** The forms of the ease plan, by what they change; an empty choice takes one back. */
export const EASE_FORMS = {
  school: formReader(group({ school: school<never>() })),
  zone: formReader(group({ zone, by: school("job", "own"), garmentMm: orNull(number(GIRTH_MM)) })),
  pressure: formReader(group({ zone, kpa: orNull(number(PRESSURE_KPA)) })),
  closure: formReader(group({ zone, closure: orNull(choice("an opening", OPENINGS)) })),
  elastic: formReader(group({ elastic: orNull(reference("an elastic of the shelf")) })),
} as const;
