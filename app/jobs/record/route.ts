import { exportJob } from "../../../data/transfer/index.ts";
import { fittingCsv } from "../../../formats/job/fittingCsv.ts";
import { fittingRecordPdf } from "../../../formats/pdf/fittingRecordPdf.ts";
import { found, idFrom, notFound, storeOf } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import { readJob } from "../../.server/read/jobRecord.ts";
import { shownLengths } from "../../frame/preferences/preferences.ts";
import type { Route } from "./+types/route.ts";

/** A job as a file: whole as JSON, its fitting record as PDF or CSV. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const jobId = idFrom(params.jobId, "job");
  if (params.layout === "json") {
    const document = found(await exportJob(store, jobId), "job");
    return download(`${JSON.stringify(document, null, 1)}\n`, document.job.name, "json");
  }
  const { job, wearer, prototypes, fittings } = await readJob(store, jobId);
  if (params.layout === "csv") return download(fittingCsv({ prototypes, fittings }), `${job.name} fittings`, "csv");
  if (params.layout !== "pdf") notFound("layout of a record");
  const { value: workshop } = await store.settings.find("workshopName");
  const { unit, inchStep } = await shownLengths(request);
  const pdf = await fittingRecordPdf(
    { jobName: job.name, wearerName: wearer.name, workshop: workshop ?? "", prototypes, fittings },
    { unit, inchStep, paper: unit === "in" ? "LETTER" : "A4" },
  );
  return download(new Uint8Array(pdf), `${job.name} fittings`, "pdf");
});
