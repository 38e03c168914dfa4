import { chartToCsv } from "../../../formats/charts/chartCsv.ts";
import { chartDocument } from "../../../formats/charts/chartDocument.ts";
import { found, idFrom, notFound, storeOf } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import type { Route } from "./+types/route.ts";

/** A size chart as a file: CSV or JSON. */
export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const chart = found(await storeOf(context).charts.find(idFrom(params.chartId, "size chart")), "size chart");
  if (params.layout === "csv") return download(chartToCsv(chart), `size chart ${chart.name}`, "csv");
  if (params.layout === "json")
    return download(`${JSON.stringify(chartDocument(chart), null, 2)}\n`, `size chart ${chart.name}`, "json");
  return notFound("layout");
});
