import { reckonWorking } from "../../../core/workings/index.ts";
import { materialsCsv } from "../../../formats/materials/materialsCsv.ts";
import { shoppingListPdf } from "../../../formats/materials/shoppingListPdf.ts";
import { notFound } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { workingsOfFile } from "../../.server/read/workingsOfFile.ts";
import { shownLengths } from "../../frame/preferences/preferences.ts";
import type { Route } from "./+types/route.ts";

/** What a garment takes and what is to buy, as a list to print or to count with. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const { read, kept, facts } = await workingsOfFile({ request, params, context });
  const { rows } = reckonWorking("materials", kept.materials.working, facts.materials);
  if (rows.length === 0) notFound("material: nothing is needed yet");
  const title = `${read.job.name}: materials`;
  if (params.file === "csv") return download(materialsCsv(rows), title, "csv");
  if (params.file !== "pdf") notFound("kind of file");
  const { unit } = await shownLengths(request);
  const pdf = await shoppingListPdf({
    ...{ title, rows, paper: unit === "in" ? "LETTER" : "A4" },
    subtitle: `One garment for ${read.wearer.name}.`,
  });
  return download(new Uint8Array(pdf), title, "pdf");
});
