import { workshopHoursCsv } from "../../../formats/sewing/hoursCsv.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import type { Route } from "./+types/route.ts";

/** How long was sewn at every job, step by step. */
export const loader = guarded(async ({ context }: Route.LoaderArgs) =>
  download(workshopHoursCsv((await storeOf(context).workings.underWay()).sewn), "hours of the workshop", "csv"),
);
