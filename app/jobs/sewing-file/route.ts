import { reckonWorking } from "../../../core/workings/index.ts";
import { hoursCsv } from "../../../formats/sewing/hoursCsv.ts";
import { notFound } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { workingsOfFile } from "../../.server/read/workingsOfFile.ts";
import { wholeFacts } from "../sewing/sewing.server.ts";
import type { Route } from "./+types/route.ts";

/** How long each step of a job took, with what its materials cost. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  if (params.file !== "csv") notFound("kind of file");
  const { store, read, kept, facts } = await workingsOfFile({ request, params, context });
  const { rows } = reckonWorking("sewing", kept.sewing.working, await wholeFacts(store, read, facts.sewing));
  const materials = reckonWorking("materials", kept.materials.working, facts.materials);
  return download(hoursCsv(rows, materials), `${read.job.name}: hours`, "csv");
});
