import { storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import type { Route } from "./+types/route.ts";
import { workshopCalendar } from "./calendar.server.ts";

/** The calendar as a file. */
export const loader = guarded(({ context }: Route.LoaderArgs) => workshopCalendar(storeOf(context)));
