import type { RouterContextProvider } from "react-router";
import type { Zone } from "../../../core/ease/index.ts";
import {
  type Change,
  type CutWay,
  checksOf,
  type DecidedOn,
  decide,
  type Finding,
  type FindingProposal,
  frozenRings,
  type Prototype,
  predictClosure,
  proposeFor,
  spotsOf,
  strainThere,
  waitingFindings,
} from "../../../core/fitting/index.ts";
import { cutWays, type PrototypePieces } from "../../../core/redraw/index.ts";
import { found, idFrom, storeOf, today } from "../../.server/http/answers.ts";
import { bodyPieces } from "../../.server/read/cutOnPieces.ts";
import { type JobRecord, recordOfPage } from "../../.server/read/jobRecord.ts";
import { learnedFor } from "../../.server/read/learnedShares.ts";
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
  const read = await recordOfPage(context, params.jobId);
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
  const sets = bodyPieces(await store.pieces.ofPrototype(prototype.id));
  const findings = (fitting?.findings ?? []).map((finding) => {
    const proposal = proposeFor(finding, prototype, { learned });
    if (!proposal.ok) return { finding, proposal: null, ways: {} };
    const ways = foreseenWays(proposal.value, { finding, prototype, learned }, sets);
    return { finding, proposal: proposal.value, ways };
  });
  const names = [
    draftNames.begin(prototype.id),
    ...(fitting ? [draftNames.head(fitting.id), draftNames.finding(fitting.id), draftNames.reading(fitting.id)] : []),
    ...findings.map(({ finding }) => draftNames.decision(finding.id)),
    ...toJudge.map(({ change }) => draftNames.judgement(change.id)),
  ];
  const gauge = await store.settings.find("gaugeAddress");
  return {
    job: { id: job.id, name: job.name },
    zones: read.style.zones,
    spots: spotsOf(read.style),
    checks: checksOf(read.style.family),
    isForm: wearer.kind === "form",
    prototype: { id: prototype.id, number, kind: prototype.kind, closedOn: prototype.closedOn },
    watch: prototype.frozen.watch,
    fitting,
    photos: fitting ? await store.fittings.loosePhotos(fitting.id) : [],
    pulls: (fitting?.readings ?? []).map((reading) => ({ id: reading.id, pull: predictClosure(reading, prototype) })),
    tensions: tensionsOf(prototype),
    others: own.filter(({ id }) => id !== fitting?.id).map(({ id, fittedOn }) => ({ id, fittedOn })),
    findings,
    toJudge,
    comeBack: comeBack(read, fitting?.id ?? null),
    removed: address.get("removed"),
    drafts: await store.drafts.findAll(names),
    hasDevice: gauge.value !== null,
    today: today(),
  };
}

/** How each remedy of a proposal would come onto the pieces of its prototype, by its name: what cannot be drawn is said before it is decided. */
function foreseenWays(
  proposal: FindingProposal,
  on: DecidedOn & { readonly finding: Finding },
  sets: readonly PrototypePieces[],
): Readonly<Record<string, CutWay>> {
  if (sets.length === 0) return {};
  return Object.fromEntries(
    proposal.remedies.flatMap((chosen): [string, CutWay][] => {
      const taken = decide(
        on,
        { proposal, chosen },
        { word: { is: "accepted" }, seams: chosen.seams ?? 1, reason: "" },
      );
      if (!taken.ok) return [];
      const change: Change = { ...taken.value, id: 0, findingId: on.finding.id, cutInto: null, version: 0 };
      const way = cutWays(sets, [change]).get(change.id);
      return way ? [[chosen.id, way]] : [];
    }),
  );
}

/** Tension in wear of every girth of a prototype as it is fitted, N/m; none without a curve. */
const tensionsOf = (prototype: Prototype): Partial<Record<Zone, number>> =>
  Object.fromEntries(
    frozenRings(prototype.frozen).flatMap(({ zone, consequences }) =>
      consequences.pull ? [[zone, consequences.pull.tensionNPerM]] : [],
    ),
  );

/** A change that was cut into a prototype, with the finding it answers and the strain that was read at. */
export interface ChangeToJudge {
  readonly change: Change;
  /** Null for a change of the maker's own. */
  readonly finding: Finding | null;
  readonly judgement: Finding["judgement"];
  readonly strain: number;
}

function cutInto(number: number, { prototypes, fittings, ownChanges }: JobRecord): ChangeToJudge[] {
  const found = fittings.flatMap(({ prototypeId, findings }) => {
    const on = prototypes.find(({ id }) => id === prototypeId);
    return findings.flatMap((finding): ChangeToJudge[] => {
      const { change, judgement } = finding;
      if (change?.cutInto !== number || change.decision === "refused") return [];
      return [{ change, finding, judgement, strain: on ? (strainThere(finding, on)?.strain ?? 0) : 0 }];
    });
  });
  const own = ownChanges.filter(({ change }) => change.cutInto === number);
  return [...found, ...own.map((one) => ({ ...one, finding: null, strain: 0 }))];
}

/** Findings of earlier fittings that were put off to a sewing step: to be looked at again when it is done. */
const comeBack = ({ fittings }: JobRecord, fittingId: number | null): Finding[] =>
  waitingFindings(fittings.filter(({ id }) => id !== fittingId));
