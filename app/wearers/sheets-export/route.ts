import { sheetsToColumns, sheetsToRows } from "../../../formats/body/sheetCsv.ts";
import { sheetsDocument } from "../../../formats/body/sheetDocument.ts";
import { found, idFrom, notFound, storeOf } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import type { Route } from "./+types/route.ts";

/** A wearer's sheets as a file: JSON, or CSV with a row a measure or a column a sheet. */
export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const { wearers, sheets } = storeOf(context);
  const wearer = found(await wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const all = await sheets.ofWearer(wearer.id);
  const words = `sheets ${wearer.name}`;
  if (params.layout === "rows") return download(sheetsToRows(all), `${words} rows`, "csv");
  if (params.layout === "columns") return download(sheetsToColumns(all), `${words} columns`, "csv");
  if (params.layout === "json") return download(`${JSON.stringify(sheetsDocument(all), null, 2)}\n`, words, "json");
  return notFound("layout of a file");
});
