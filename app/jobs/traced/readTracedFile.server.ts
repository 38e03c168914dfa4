import { curveText } from "../../../formats/drafts/curve.ts";
import { DRAWN_UNITS } from "../../../formats/drafts/readDrawn.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, group, orElse } from "../../../formats/form/index.ts";
import { invalid } from "../../.server/http/answers.ts";
import { bytesOf, inPool } from "../../.server/pool/pool.ts";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { UNITS } from "../pieces/own/units.ts";

const readUnit = formReader(
  group({
    fileUnit: orElse(
      choice(
        "a unit",
        UNITS.map(({ value }) => value),
      ),
      "mm",
    ),
  }),
);

/** The places of the curve in a file, given back to be looked at: nothing is kept yet. */
export async function readTracedFile(
  form: FormData,
  fields: Fields,
  signal: AbortSignal,
): Promise<Unsaved | ReturnType<typeof invalid>> {
  const typed = readUnit(fields);
  if (!typed.ok) return invalid(fields, typed.errors);
  const file = form.get("file");
  if (!(file instanceof File) || file.size === 0)
    return invalid(fields, { file: "Expected an SVG file, but none was chosen." });
  const bytes = await bytesOf(file);
  const drawn = { bytes, unitMm: DRAWN_UNITS[typed.value.fileUnit] };
  const read = await inPool("readCurve", drawn, { hand: [bytes], signal });
  if (!read.ok) return invalid(fields, { file: read.problem.message });
  return { fields: { ...fields, points: curveText(read.value) }, errors: {} };
}
