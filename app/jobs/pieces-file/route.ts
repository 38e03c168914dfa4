import { Readable } from "node:stream";
import type { Draft } from "../../../core/drafting/index.ts";
import { isPiecesId, PIECES, type PiecesId, recipeOfPieces } from "../../../core/pieces/index.ts";
import { reckonWorking } from "../../../core/workings/index.ts";
import { draftJson } from "../../../formats/drafts/draftJson.ts";
import { draftSvg } from "../../../formats/drafts/draftSvg.ts";
import { draftDxf } from "../../../formats/drafts/dxf/draftDxf.ts";
import { LAYERS } from "../../../formats/drafts/layers.ts";
import { draftPdf } from "../../../formats/drafts/print/draftPdf.ts";
import { PIECE_FORMATS } from "../../../formats/drafts/print/papers.ts";
import { idFrom, notFound, storeOf } from "../../.server/http/answers.ts";
import { download, fileName } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readJobPlan } from "../../.server/read/jobPlan.ts";
import { readWorkings } from "../../.server/read/workingContext.ts";
import type { Route } from "./+types/route.ts";

/** The pieces of a job as kept, as a file: SVG, DXF and JSON, or a PDF at full size on the paper and with the layers asked for. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  if (!isPiecesId(params.recipe)) notFound("recipe");
  const store = storeOf(context);
  const read = await readJobPlan(store, idFrom(params.jobId, "job"));
  if (!PIECES[params.recipe].appears(read.style)) notFound("recipe of this style");
  const { kept, facts } = await readWorkings(store, read, "picked");
  const { draft } = reckonWorking(params.recipe as PiecesId, kept[params.recipe].working, facts[params.recipe]);
  if (!draft) notFound("draft: something it is drawn from is lacking");
  const title = `${read.job.name} ${recipeOfPieces(params.recipe).name}`;
  return fileOf(draft, title, params.file, new URL(request.url).searchParams);
});

function fileOf(draft: Draft, title: string, file: string, asked: URLSearchParams): Response {
  if (file === "svg") return download(draftSvg(draft), title, "svg");
  if (file === "dxf") return download(draftDxf(draft, { title, size: "" }), title, "dxf");
  if (file === "json") return download(`${JSON.stringify(draftJson(draft), null, 1)}\n`, title, "json");
  if (file !== "pdf") notFound("kind of file");
  const format = PIECE_FORMATS.find(({ id }) => id === (asked.get("paper") ?? "a4"));
  if (!format) notFound("paper");
  const wanted = asked.getAll("layer");
  const layers = wanted.length === 0 ? LAYERS : LAYERS.filter((layer) => wanted.includes(layer));
  const { stream } = draftPdf(draft, { title, format, layers });
  return new Response(Readable.toWeb(Readable.from(stream)) as ReadableStream, {
    headers: {
      "Content-Type": "application/pdf",
      "Content-Disposition": `attachment; filename="${fileName(title, "pdf")}"`,
      "Cache-Control": "no-store",
    },
  });
}
