import { cuttingTable, jobChanges, toCut } from "../../../core/fitting/index.ts";
import { cuttingTablePdf } from "../../../formats/pdf/cuttingTablePdf.ts";
import { idFrom, storeOf } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { cutOnPieces } from "../../.server/read/cutOnPieces.ts";
import { cutSoFar, readJob } from "../../.server/read/jobRecord.ts";
import { shownLengths } from "../../frame/preferences/preferences.ts";
import type { Route } from "./+types/route.ts";

/** The cutting table of a job as a PDF, to lie beside the cloth. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const read = await readJob(store, idFrom(params.jobId, "job"));
  const { job, wearer, prototypes, fittings, ownChanges } = read;
  const cut = toCut(jobChanges(fittings, ownChanges));
  const { unit } = await shownLengths(request);
  const pdf = await cuttingTablePdf({
    title: `${job.name}: changes to cut into prototype ${prototypes.length + 1}`,
    subtitle: `For ${wearer.name}. Lengths first: they move every line below them.`,
    table: cuttingTable(cut, cutSoFar(read), await cutOnPieces(store, read, cut)),
    unit,
    paper: unit === "in" ? "LETTER" : "A4",
  });
  return download(new Uint8Array(pdf), `${job.name} cutting table`, "pdf");
});
