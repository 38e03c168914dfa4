import { exportJob } from "../../../data/jobExport.ts";
import { bareWorkings } from "../../../data/workings.ts";
import { found, idFrom, storeOf } from "../../server/answers.ts";
import { download } from "../../server/download.ts";
import { guarded } from "../../server/guarded.ts";
import type { Route } from "./+types/route.ts";

/** Everything about a wearer in one file: who they are, their sheets, their jobs with prototypes and fittings. */
export const loader = guarded(async ({ params, context }: Route.LoaderArgs) => {
  const store = storeOf(context);
  const wearer = found(await store.wearers.find(idFrom(params.wearerId, "wearer")), "wearer");
  const jobs = [];
  for (const job of await store.jobs.ofWearer(wearer.id)) {
    const prototypes = await store.prototypes.ofJob(job.id);
    const workings = bareWorkings(await store.workings.ofJob(job.id));
    jobs.push({
      ...job,
      workings,
      prototypes,
      fittings: await store.fittings.ofPrototypes(prototypes.map(({ id }) => id)),
      ownChanges: await store.changes.ownOfJob(job.id),
      // Photos stand in the file of the whole job.
      whole: await exportJob(store, job.id),
    });
  }
  const document = {
    format: "stenz.wearer",
    version: 1,
    wearer,
    sheets: await store.sheets.ofWearer(wearer.id),
    bodyWraps: await store.wraps.ofWearer(wearer.id),
    standingChanges: await store.standing.forJob(wearer.id, null),
    likedGarments: await store.liked.ofWearer(wearer.id),
    jobs,
  };
  return download(`${JSON.stringify(document, null, 2)}\n`, `everything about ${wearer.name}`, "json");
});
