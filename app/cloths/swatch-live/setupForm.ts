import { fail, ok, type Result } from "../../../core/result.ts";
import {
  choice,
  type FormRead,
  type FormSchema,
  group,
  isWhole,
  line,
  readTree,
  swatchLength,
  tick,
  type ValueOf,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { type LiveSetup, loadsFrom } from "./liveSteps.ts";

/** Seeds of a stand-in: each pull of a swatch reads a little otherwise. */
const SEEDS = 100_000;

/** A length of the swatch between two limits, mm. */
function between(what: string, least: number, most: number): FormSchema<number> {
  const upTo = swatchLength({ mostMm: most, what });
  return {
    ...upTo,
    reads: (text, facts) => {
      const read = upTo.reads?.(text, facts) as Result<number>;
      if (!read.ok || read.value >= least) return read;
      return fail("too-short", `Expected ${what} of ${least} to ${most} mm, but got “${text}”.`);
    },
  };
}

const loads: FormSchema<string> = {
  ...line("loads", 400),
  reads: (text) =>
    loadsFrom(text, false) === null
      ? fail("loads-unreadable", `Expected up to 24 loads above 0 N, such as 1, 2, 3.5, but got “${text}”.`)
      : ok(text),
};

const schema = group({
  source: line("what reads it"),
  form: choice("how it is clamped", ["strip", "loop"]),
  width: between("a width", 3, 500),
  gauge: between("a gauge", 20, 1000),
  loads,
  back: tick(),
  speed: choice("a speed", ["1", "10", "60"]),
});

const EMPTY = "Expected something here, but the field is empty.";

/** Reads how a swatch is clamped and pulled; in the browser, where it is used. */
export function readSetup(fields: Fields): FormRead<LiveSetup> {
  const { value, errors } = readTree(schema, fields, { unit: "mm", today: "" });
  const typed = value as Partial<ValueOf<typeof schema>>;
  for (const name of ["width", "gauge", "loads"] as const) if (typed[name] === undefined) errors[name] ??= EMPTY;
  if (Object.keys(errors).length > 0 || !isWhole(schema, value)) return { ok: false, errors };
  const { source, form, width: widthMm, gauge: gaugeMm, loads: text, back, speed } = typed as ValueOf<typeof schema>;
  const loadsN = loadsFrom(text, back) ?? [];
  const seed = Math.floor(Math.random() * SEEDS);
  return { ok: true, value: { source, form, widthMm, gaugeMm, loadsN, seed, speed: Number(speed) } };
}
