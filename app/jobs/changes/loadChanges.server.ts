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
import { type PrototypePieces, redraw } from "../../../core/redraw/index.ts";
import type { Store } from "../../../data/store.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { storeOf } from "../../.server/http/answers.ts";
import { bodyPieces, cutOnPieces } from "../../.server/read/cutOnPieces.ts";
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
    table: cuttingTable(cut, cutSoFar(read), await cutOnPieces(store, read, cut)),
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
  if (!last || cut.length === 0) return { pieces: [], plan: { rings: [], lengths: [] }, words: {}, drawnOn: [] };
  const drawn = bodyPieces(await pieces.ofPrototype(last.id));
  return {
    pieces: drawn.map(({ id, draft }) => ({ id, draft })),
    plan: {
      rings: ringsToday(read).map(({ zone, side, nowMm }) => ({ zone, side, nowMm })),
      lengths: lengthsToday(read).map(({ id, nowMm }) => ({ id, nowMm })),
    },
    words: changeWords(cut),
    drawnOn: drawnOn(drawn, cut),
  };
}

/** Which changes are drawn on which set of pieces: a change of a band is none of its cups, and said nowhere as undone. */
const drawnOn = (sets: readonly PrototypePieces[], cut: readonly JobChange[]) =>
  sets.map(({ id, draft }) => {
    const { steps } = redraw(
      draft,
      cut.map(({ change }) => change),
      { rings: [], lengths: [] },
    );
    return { id, changes: steps.flatMap(({ changeId, calls }) => (calls.length > 0 ? [changeId] : [])) };
  });

/** A finding with the address of the fitting it stands in. */
function whereFound(finding: Finding, { job, prototypes, fittings }: JobRecord) {
  const fitting = fittings.find(({ id }) => id === finding.fittingId);
  const number = prototypes.find(({ id }) => id === fitting?.prototypeId)?.number ?? 1;
  return { finding, href: `/jobs/${job.id}/prototypes/${number}/fitting?fitting=${finding.fittingId}` };
}
