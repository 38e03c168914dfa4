import type { RouterContextProvider } from "react-router";
import { proposeFor, strainThere, usualSeams } from "../../../core/fitting/proposeFor.ts";
import { found, idFrom, storeOf, today } from "../../server/answers.ts";
import { type JobContext, jobOfPage } from "../../server/jobContext.ts";
import { learnedFor } from "../../server/learnedShares.ts";
import { draftNames } from "./draftNames.ts";

/** What the fitting page shows. */
export type LoadedFitting = Awaited<ReturnType<typeof loadFitting>>;

/** Reads one fitting of a prototype (the last, or the one asked for) with proposals, drafts and what is to be judged. */
export async function loadFitting(
  context: Readonly<RouterContextProvider>,
  params: { jobId?: string; number?: string },
  address: URLSearchParams,
) {
  const store = storeOf(context);
  const read = await jobOfPage(context, params.jobId);
  const { job, wearer, prototypes, fittings } = read;
  const number = idFrom(params.number, "prototype");
  const prototype = found(
    prototypes.find((one) => one.number === number),
    "prototype",
  );
  const own = fittings.filter(({ prototypeId }) => prototypeId === prototype.id);
  const asked = address.get("fitting");
  const fitting = asked
    ? found(
        own.find(({ id }) => String(id) === asked),
        "fitting",
      )
    : (own.at(-1) ?? null);
  const toJudge = cutInto(number, read);
  const learned = await learnedFor(store, prototype);
  const findings = (fitting?.findings ?? []).map((finding) => {
    const proposal = proposeFor(finding, prototype, { learned });
    return { finding, proposal: proposal.ok ? proposal.value : null, seams: usualSeams(finding, prototype) };
  });
  const names = [
    draftNames.begin(prototype.id),
    ...(fitting ? [draftNames.finding(fitting.id), draftNames.reading(fitting.id)] : []),
    ...findings.map(({ finding }) => draftNames.decision(finding.id)),
    ...toJudge.map(({ finding }) => draftNames.judgement(finding.id)),
  ];
  return {
    job: { id: job.id, name: job.name },
    zones: read.style.zones,
    isForm: wearer.kind === "form",
    prototype: { id: prototype.id, number, kind: prototype.kind },
    watch: prototype.frozen.watch ?? [],
    fitting,
    others: own.filter(({ id }) => id !== fitting?.id).map(({ id, fittedOn }) => ({ id, fittedOn })),
    findings,
    toJudge,
    removed: address.get("removed"),
    drafts: await store.drafts.findAll(names),
    today: today(),
  };
}

/** Earlier findings whose changes were cut into a prototype, each with the strain it was read at. */
function cutInto(number: number, { prototypes, fittings }: JobContext) {
  return fittings.flatMap(({ prototypeId, findings }) => {
    const on = prototypes.find(({ id }) => id === prototypeId);
    return findings
      .filter(({ change }) => change?.cutInto === number && change.amountMm !== null)
      .map((finding) => ({ finding, strain: on ? (strainThere(finding, on)?.strain ?? 0) : 0 }));
  });
}
