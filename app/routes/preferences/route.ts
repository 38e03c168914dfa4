import { data, redirect } from "react-router";
import { readFields } from "../../forms/fields.server.ts";
import { rememberUnit } from "../../preferences.ts";
import type { Route } from "./+types/route.ts";

/** Remembers the unit in which this browser shows lengths. */
export async function action({ request }: Route.ActionArgs) {
  const { unit } = await readFields(request);
  if (unit !== "cm" && unit !== "in") return data({ error: "Expected the unit cm or in." }, { status: 400 });
  return data({ unit }, { headers: { "Set-Cookie": rememberUnit(unit) } });
}

export const loader = () => redirect("/");
