import { isPiecesId, recipeOfPieces } from "../../../core/pieces/index.ts";
import type { Outlines } from "../../../formats/drafts/print/draftPdf.ts";
import { found, idFrom, notFound, storeOf } from "../../.server/http/answers.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { pieceFile } from "../../.server/http/pieceFile.ts";
import { readJobPlan } from "../../.server/read/jobPlan.ts";
import { onPaper } from "../../.server/read/onPaper.ts";
import type { Route } from "./+types/route.ts";

/** The pieces a prototype was cut from, as a file. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  if (!isPiecesId(params.recipe)) notFound("recipe");
  const store = storeOf(context);
  const [jobId, number] = [idFrom(params.jobId, "job"), idFrom(params.number, "prototype")];
  const job = found(await store.jobs.find(jobId), "job");
  const prototype = found(await store.prototypes.find(jobId, number), "prototype");
  const kept = await store.pieces.ofPrototype(prototype.id);
  const { draft, steps } = found(
    kept.find(({ id }) => id === params.recipe),
    "piece of this prototype",
  );
  const asked = new URL(request.url).searchParams;
  const under: Outlines[] = [];
  for (const told of asked.getAll("under")) {
    const other = found(await store.prototypes.find(jobId, idFrom(told, "prototype")), "prototype");
    const [same] = (await store.pieces.ofPrototype(other.id)).filter(({ id }) => id === params.recipe);
    if (same) under.push({ name: `Prototype ${other.number}`, draft: same.draft });
  }
  const title = `${job.name}, prototype ${number}: ${recipeOfPieces(params.recipe).name.toLowerCase()}`;
  const reports = steps.flatMap((step) => step.reports);
  return pieceFile(
    { draft: await onPaper(draft, params.recipe, () => readJobPlan(store, jobId)), reports, title, under },
    params.file,
    asked,
  );
});
