import { isPiecesId, PIECES, recipeOfPieces } from "../../../core/pieces/index.ts";
import { reckonWorking } from "../../../core/workings/index.ts";
import { idFrom, notFound, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { pieceFile } from "../../.server/http/pieceFile.ts";
import { readJobPlan } from "../../.server/read/jobPlan.ts";
import { onPaper } from "../../.server/read/onPaper.ts";
import { bareFacts } from "../../.server/read/workingContext.ts";
import type { Route } from "./+types/route.ts";

/** The pieces of a job as kept, drawn from its plan of today, as a file. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const id = params.recipe;
  if (!isPiecesId(id)) notFound("recipe");
  const store = storeOf(context);
  const read = await readJobPlan(store, idFrom(params.jobId, "job"));
  if (!PIECES[id].appears(read.style)) notFound("recipe of this style");
  const { working } = await store.workings.find(read.job.id, id);
  const { draft } = reckonWorking(id, working, PIECES[id].facts(bareFacts(read)));
  if (!draft) notFound("draft: something it is drawn from is lacking");
  const title = `${read.job.name}: ${recipeOfPieces(id).name.toLowerCase()}`;
  return pieceFile(
    { draft: await onPaper(draft, id, async () => read), title },
    params.file,
    new URL(request.url).searchParams,
  );
});
