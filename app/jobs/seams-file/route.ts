import { reckonWorking } from "../../../core/workings/index.ts";
import { trialCardPdf } from "../../../formats/seams/trialCardPdf.ts";
import { found } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { workingsOfFile } from "../../.server/read/workingsOfFile.ts";
import { shownLengths } from "../../frame/preferences/preferences.ts";
import type { Route } from "./+types/route.ts";

/** A trial as a card to print: its scrap is fastened to it. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { read, kept, facts } = await workingsOfFile({ request, params, context });
  const { trials } = reckonWorking("seams", kept.seams.working, facts.seams);
  const one = found(trials.find(({ trial }) => String(trial.id) === params.trial) ?? null, "trial");
  const { unit } = await shownLengths(request);
  const title = `${read.job.name}: trial ${one.trial.id}`;
  const paper = unit === "in" ? "LETTER" : "A4";
  const pdf = await trialCardPdf({ title, read: one, clothName: facts.seams.clothName, paper });
  return download(new Uint8Array(pdf), title, "pdf");
});
