import { timingSafeEqual } from "node:crypto";
import { notFound, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readWorkHours } from "../../.server/read/workshopDays.ts";
import { workshopCalendar } from "../days-file/calendar.server.ts";
import type { Route } from "./+types/route.ts";

/** The calendar for whoever subscribes to it and knows its secret; while there is none, it is not there. */
export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const { secret } = await readWorkHours(storeOf(context));
  if (secret === null || !same((params.secret ?? "").replace(/\.ics$/, ""), secret)) notFound("calendar");
  return workshopCalendar(storeOf(context));
});

/** Compared in a time that tells nothing of how much of it was right. */
function same(given: string, secret: string): boolean {
  const [a, b] = [Buffer.from(given), Buffer.from(secret)];
  return a.length === b.length && timingSafeEqual(a, b);
}
