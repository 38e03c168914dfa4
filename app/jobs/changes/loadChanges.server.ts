import type { RouterContextProvider } from "react-router";
import {
  changeStatus,
  cuttingTable,
  type Finding,
  type JobChange,
  jobChanges,
  openFindings,
  spotsOf,
  toCut,
  waitingFindings,
} from "../../../core/fitting/index.ts";
import type { Store } from "../../../data/store.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { contradictionsOf } from "../../.server/read/jobChanges.ts";
import { cutSoFar, type JobRecord, lengthsToday, recordOfPage, ringsToday } from "../../.server/read/jobRecord.ts";
import { changeWords } from "../../pieces/changeWords.ts";

/** Name of the half-filled form of an own change. */
export const ownChangeDraft = (jobId: number): string => draftName("own-change", jobId);

/** Reads the changes of a job: what the next prototype is cut with, what waits, what is open, and all that were. */
export async function loadChanges(context: Readonly<RouterContextProvider>, jobIdText: string | undefined) {
  const store = storeOf(context);
  const read = await recordOfPage(context, jobIdText);
  const { job, wearer, prototypes, fittings, ownChanges, style } = read;
  const changes = jobChanges(fittings, ownChanges);
  const cut = toCut(changes);
  return {
    job: { id: job.id, name: job.name },
    wearerName: wearer.name,
    next: prototypes.length + 1,
    signedOff: job.signedOff !== null,
    table: cuttingTable(cut, cutSoFar(read)),
    cut,
    all: changes.map((one) => ({ ...one, status: changeStatus(one) })),
    contradictions: contradictionsOf(read),
    open: openFindings(fittings).map((finding) => whereFound(finding, read)),
    waiting: waitingFindings(fittings).map((finding) => whereFound(finding, read)),
    spots: spotsOf(style).map(({ id, name, zone }) => ({ id, name, zone })),
    zones: style.zones,
    lengths: style.lengths.map(({ id, name }) => ({ id, name })),
    redrawn: await redrawnNext(store, read, cut),
    draft: await store.drafts.find(ownChangeDraft(job.id)),
  };
}

/** What the pieces of the last prototype are redrawn with; none where it has no pieces, or nothing is to be cut. */
async function redrawnNext({ pieces }: Pick<Store, "pieces">, read: JobRecord, cut: readonly JobChange[]) {
  const last = read.prototypes.at(-1);
  if (!last || cut.length === 0) return { pieces: [], plan: { rings: [], lengths: [] }, words: {} };
  const drawn = (await pieces.ofPrototype(last.id)).filter(({ id }) => id !== "stripPieces");
  return {
    pieces: drawn.map(({ id, draft }) => ({ id, draft })),
    plan: {
      rings: ringsToday(read).map(({ zone, nowMm }) => ({ zone, nowMm })),
      lengths: lengthsToday(read).map(({ id, nowMm }) => ({ id, nowMm })),
    },
    words: changeWords(cut),
  };
}

/** A finding with the address of the fitting it stands in. */
function whereFound(finding: Finding, { job, prototypes, fittings }: JobRecord) {
  const fitting = fittings.find(({ id }) => id === finding.fittingId);
  const number = prototypes.find(({ id }) => id === fitting?.prototypeId)?.number ?? 1;
  return { finding, href: `/jobs/${job.id}/prototypes/${number}/fitting?fitting=${finding.fittingId}` };
}
