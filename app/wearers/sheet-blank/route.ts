import { CATALOGUE, placesOf } from "../../../core/body/index.ts";
import { blankSheetPdf } from "../../../formats/pdf/blankSheet.ts";
import { found, idFrom, storeOf } from "../../.server/http/answers.ts";
import { download } from "../../.server/http/download.ts";
import { guarded } from "../../.server/http/guarded.ts";
import type { Route } from "./+types/route.ts";

/** A blank sheet to print for a wearer: the measures of a job, or the whole catalogue. */
export const loader = guarded(async ({ request, params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const address = new URL(request.url).searchParams;
  const jobText = address.get("job");
  const job = jobText ? found(await store.jobs.find(idFrom(jobText, "job")), "job") : null;
  const style = job ? found(await store.styles.find(job.styleId), "style") : null;
  const codes = style?.measures ?? CATALOGUE.map(({ code }) => code);
  const pdf = await blankSheetPdf({
    title: `Sheet of ${wearer.name}`,
    subtitle: job
      ? `For ${job.name}, in the order a person is measured.`
      : "All measures, in the order a person is measured.",
    places: placesOf(codes),
    paper: address.get("paper") === "letter" ? "LETTER" : "A4",
  });
  return download(new Uint8Array(pdf), `blank sheet ${wearer.name}`, "pdf");
});
