import { data, redirect } from "react-router";
import { readFields } from "../../form/fields.server.ts";
import type { Route } from "./+types/route.ts";
import { rememberInchStep, rememberUnit } from "./preferences.ts";

/** Remembers how this browser shows lengths: their unit, or how finely inches are written. */
export async function action({ request }: Route.ActionArgs) {
  const { unit, inchStep } = await readFields(request);
  if (unit === "cm" || unit === "in") return data({ kept: true }, { headers: { "Set-Cookie": rememberUnit(unit) } });
  if (inchStep === "8" || inchStep === "16") {
    return data({ kept: true }, { headers: { "Set-Cookie": rememberInchStep(inchStep === "8" ? 8 : 16) } });
  }
  return data({ error: "Expected the unit cm or in, or inches by 8 or 16." }, { status: 400 });
}

export const loader = () => redirect("/");
