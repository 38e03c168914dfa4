import { isLayoutId, LAYOUTS } from "../../../core/layout/index.ts";
import { reckonWorking } from "../../../core/workings/index.ts";
import { layoutCsv } from "../../../formats/layout/layoutCsv.ts";
import { layoutPdf } from "../../../formats/layout/layoutPdf.ts";
import { notFound } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { workingsOfFile } from "../../.server/read/workingsOfFile.ts";
import { shownLengths } from "../../frame/preferences/preferences.ts";
import type { Route } from "./+types/route.ts";

/** The layout of a cloth as it is kept, or a first one, as a PDF to lay it by or as a list. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const id = params.cloth;
  if (!isLayoutId(id)) notFound("cloth of a layout");
  const { read, kept, facts } = await workingsOfFile({ request, params, context });
  const { layout, table, numbers } = reckonWorking(id, kept[id].working, facts[id]);
  if (!layout || !table) notFound("layout: something it is laid from is lacking");
  const title = `${read.job.name}: ${LAYOUTS[id].role} laid out`;
  if (params.file === "csv") return download(layoutCsv(layout), title, "csv");
  if (params.file !== "pdf") notFound("kind of file");
  const { unit } = await shownLengths(request);
  const buyMm = numbers.find((one) => one.id === (unit === "in" ? "buyYard" : "buy"))?.explanation.result.value ?? 0;
  const pdf = await layoutPdf({
    ...{ title, layout, table, unit, paper: unit === "in" ? "LETTER" : "A4" },
    subtitle: `${facts[id].cloth?.name ?? "Cloth"}: buy ${Math.round(buyMm)} mm (${(buyMm / (unit === "in" ? 914.4 : 1000)).toFixed(2)} ${unit === "in" ? "yd" : "m"}).`,
  });
  return download(new Uint8Array(pdf), title, "pdf");
});
