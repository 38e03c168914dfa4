import { data, redirect } from "react-router";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, group, orNull } from "../../../formats/form/index.ts";
import { readFields } from "../../form/fields.server.ts";
import type { Route } from "./+types/route.ts";
import { rememberInchStep, rememberUnit } from "./preferences.ts";

/** Reads which of the two was changed. */
const readPreference = formReader(
  group({ unit: orNull(choice("a unit", ["cm", "in"])), inchStep: orNull(choice("a step", ["8", "16"])) }),
);

/** Remembers how this browser shows lengths: their unit, or how finely inches are written. */
export async function action({ request }: Route.ActionArgs) {
  const read = readPreference(await readFields(request));
  const { unit, inchStep } = read.ok ? read.value : { unit: null, inchStep: null };
  if (unit !== null) return data({ kept: true }, { headers: { "Set-Cookie": await rememberUnit(unit) } });
  if (inchStep !== null)
    return data({ kept: true }, { headers: { "Set-Cookie": await rememberInchStep(inchStep === "8" ? 8 : 16) } });
  return data({ error: "Expected the unit cm or in, or inches by 8 or 16." }, { status: 400 });
}

export const loader = () => redirect("/");
