import type { RouterContextProvider } from "react-router";
import { nameOf, STALE_MEASURES, staleDays } from "../../../core/body/index.ts";
import {
  decidedChanges,
  holdsBack,
  isTaken,
  jobChanges,
  lengthsStepOn,
  openFindings,
  ringKey,
  ringName,
  stepOn,
  toCut,
} from "../../../core/fitting/index.ts";
import { storeOf, today } from "../../.server/http/answers.ts";
import { contradictionsOf } from "../../.server/read/jobChanges.ts";
import { easeSources } from "../../.server/read/jobPlan.ts";
import { lengthsToday, movedSinceLast, recordOfPage, ringsToday } from "../../.server/read/jobRecord.ts";
import { stepsOfPage } from "../../.server/read/rail.ts";
import { newPrototypeDraft } from "./newPrototypeDraft.ts";

/** What the page of a job's prototypes shows: the next plan, what is decided for it and what was made so far. */
export async function loadPrototypes(context: Readonly<RouterContextProvider>, jobIdText: string | undefined) {
  const store = storeOf(context);
  const read = await recordOfPage(context, jobIdText);
  const { job, wearer, planned, prototypes, fittings, ownChanges } = read;
  const rings = ringsToday(read);
  const changes = jobChanges(fittings, ownChanges);
  return {
    job,
    wearerId: wearer.id,
    missing: planned.missing,
    sources: easeSources(read),
    steps: stepOn(prototypes.at(-1) ?? null, rings),
    lengthSteps: lengthsStepOn(prototypes.at(-1) ?? null, lengthsToday(read)),
    moved: movedSinceLast(read).map((ring) => ({ name: ringName(ring), key: ringKey(ring), byMm: ring.byMm })),
    changes: decidedChanges(fittings, ownChanges),
    unticked: toCut(changes).filter(({ change }) => holdsBack(change)).length,
    contradictions: contradictionsOf(read),
    standing: (await store.standing.forJob(wearer.id, job.chartId)).filter((one) => !isTaken(one, ownChanges)),
    unsettled: (await stepsOfPage(context, read))
      .filter(({ state, shapes }) => state === "look" && shapes)
      .map(({ id, name, words }) => ({ id, name, words })),
    undecided: openFindings(fittings).length,
    prototypes: prototypes.map(({ id, number, kind, startedOn }) => {
      const tries = fittings.filter(({ prototypeId }) => prototypeId === id);
      return {
        number,
        kind,
        startedOn,
        fittedOn: tries.map(({ fittedOn }) => fittedOn),
        findings: tries.flatMap((fitting) => fitting.findings),
      };
    }),
    today: today(),
    stale: read.sheet ? staleDays(read.sheet.takenOn, today()) : null,
    staleMissing: read.sheet
      ? STALE_MEASURES.filter((code) => read.style.measures.includes(code)).map((code) =>
          nameOf(code, "single").toLowerCase(),
        )
      : [],
    draft: await store.drafts.find(newPrototypeDraft(job.id)),
  };
}
