import { SHIPPED_EASE_SETTINGS } from "../../core/ease/settings.ts";
import { styleOf } from "../../core/ease/styles/index.ts";
import { decidedChanges } from "../../core/fitting/decidedChanges.ts";
import type { Decision, Finding } from "../../core/fitting/fitting.ts";
import { proposeFor } from "../../core/fitting/proposeFor.ts";
import type { Prototype, PrototypeKind, SewnRing } from "../../core/fitting/prototype.ts";
import { freezePlan } from "../../core/job/freezePlan.ts";
import { type Job, newJob } from "../../core/job/job.ts";
import type { NewFinding } from "../fittings.ts";
import type { Repositories } from "../store.ts";
import type { DemoPeople } from "./people.ts";
import type { DemoShelf } from "./shelf.ts";

/** Three jobs: one with two prototypes, one at its first fitting, one still lacking measures. */
export async function addJobs(repositories: Repositories, people: DemoPeople, shelf: DemoShelf): Promise<void> {
  await twoPrototypes(repositories, people, shelf);
  await firstFitting(repositories, people, shelf);
  await repositories.jobs.add(
    newJob({
      name: "First brief for Wenna",
      styleId: "brief",
      wearerId: people.wenna.wearer,
      sheetId: people.wenna.sheet,
      clothId: shelf.lace,
      girthDirection: "across",
      school: null,
    }),
  );
}

/** The first change cured the loose waist; the one at the hip was taken whole and overdid it. */
async function twoPrototypes(repositories: Repositories, { ilva }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await repositories.jobs.add(
    newJob({
      name: "High-waisted brief",
      styleId: "brief",
      wearerId: ilva.wearer,
      sheetId: ilva.sheet,
      clothId: shelf.jersey,
      girthDirection: "across",
      school: "share",
    }),
  );
  const first = await startPrototype(repositories, jobId, "sewn", "2026-10-02");
  await sew(repositories, first, { waist: 656, highHip: 786, hip: 880, "leg:left": 533, "leg:right": 531 });
  const fitting = await repositories.fittings.add({
    prototypeId: first.id,
    fittedOn: "2026-10-04",
    on: "wearer",
    notes: "Stood, sat, bent, ten minutes' walk.",
  });
  const waist = await put(repositories, fitting, {
    kind: "loose",
    zone: "waist",
    side: "both",
    view: "back",
    x: 0.5,
    y: 0.46,
    amountMm: 24,
    note: "Stands off in the small of the back.",
  });
  const hip = await put(repositories, fitting, {
    kind: "loose",
    zone: "hip",
    side: "both",
    view: "front",
    x: 0.58,
    y: 0.58,
    amountMm: 30,
    note: "Folds under the belly.",
  });
  const leg = await put(repositories, fitting, {
    kind: "rides",
    zone: "leg",
    side: "left",
    view: "back",
    x: 0.38,
    y: 0.65,
    amountMm: 12,
    note: "After the walk.",
  });
  await repositories.fittings.addReading({
    fittingId: fitting,
    zone: "waist",
    kind: "lift",
    text: "1.9",
    newtons: 1.9,
    heightMm: null,
    note: "Two fingers, centre back.",
  });
  await decideOn(repositories, first, waist, { decision: "accepted" });
  await decideOn(repositories, first, hip, {
    decision: "altered",
    amountMm: -27,
    reason: "She wants it quite close; took it all.",
  });
  await decideOn(repositories, first, leg, { decision: "refused", reason: "One leg only; watch it in the next one." });

  const second = await startPrototype(repositories, jobId, "sewn", "2026-10-11");
  await sew(repositories, second, { waist: 640, highHip: 787, hip: 845, "leg:left": 531, "leg:right": 532 });
  const fittedAgain = await repositories.fittings.add({
    prototypeId: second.id,
    fittedOn: "2026-10-13",
    on: "wearer",
    notes: "",
  });
  await repositories.fittings.judge(waist.id, { fittingId: fittedAgain, residualMm: 2, verdict: "cured", note: "" });
  await repositories.fittings.judge(hip.id, {
    fittingId: fittedAgain,
    residualMm: -9,
    verdict: "overdone",
    note: "Marks at the side after sitting.",
  });
  await put(repositories, fittedAgain, {
    kind: "tight",
    zone: "hip",
    side: "both",
    view: "front",
    x: 0.64,
    y: 0.58,
    amountMm: 9,
    note: "Let some of it back.",
  });
  await repositories.fittings.addReading({
    fittingId: fittedAgain,
    zone: "waist",
    kind: "lift",
    text: "3.1",
    newtons: 3.1,
    heightMm: null,
    note: "",
  });
}

async function firstFitting(repositories: Repositories, { maro }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await repositories.jobs.add(
    newJob({
      name: "Lane-swimming bottom",
      styleId: "brief",
      wearerId: maro.wearer,
      sheetId: maro.sheet,
      clothId: shelf.swim,
      girthDirection: "across",
      school: "percent",
    }),
  );
  const first = await startPrototype(repositories, jobId, "basted", "2026-11-16");
  await sew(repositories, first, { waist: 745, highHip: 856, hip: 941 });
  const fitting = await repositories.fittings.add({
    prototypeId: first.id,
    fittedOn: "2026-11-18",
    on: "wearer",
    notes: "",
  });
  await put(repositories, fitting, {
    kind: "rides",
    zone: "waist",
    side: "both",
    view: "back",
    x: 0.5,
    y: 0.46,
    amountMm: 18,
    note: "Slides down when she pushes off.",
  });
  await put(repositories, fitting, {
    kind: "tight",
    zone: "leg",
    side: "right",
    view: "front",
    x: 0.4,
    y: 0.62,
    amountMm: 8,
    note: "Red line after ten minutes.",
  });
}

async function startPrototype(
  repositories: Repositories,
  jobId: number,
  kind: PrototypeKind,
  startedOn: string,
): Promise<Prototype> {
  const job = (await repositories.jobs.find(jobId)) as Job;
  const before = await repositories.prototypes.ofJob(jobId);
  const fittings = await repositories.fittings.ofPrototypes(before.map(({ id }) => id));
  const wearer = await repositories.wearers.find(job.wearerId);
  const frozen = freezePlan(
    {
      job,
      style: styleOf("brief"),
      sheet: job.sheetId === null ? null : await repositories.sheets.find(job.sheetId),
      cloth: job.clothId === null ? null : await repositories.cloths.find(job.clothId),
      tests: job.clothId === null ? [] : await repositories.cloths.testsOf(job.clothId),
      settings: SHIPPED_EASE_SETTINGS,
    },
    wearer?.name ?? "",
    decidedChanges(fittings),
  );
  if (!frozen.ok) throw new Error(frozen.problem.message);
  const number = before.length + 1;
  await repositories.prototypes.start({ jobId, number, kind, startedOn, frozen: frozen.value });
  return (await repositories.prototypes.find(jobId, number)) as Prototype;
}

async function sew(repositories: Repositories, prototype: Prototype, girths: Record<string, number>): Promise<void> {
  const sewn = Object.entries(girths).map(([key, sewnMm]) => {
    const [zone, side = "single"] = key.split(":");
    return { zone, side, sewnMm, text: `${sewnMm / 20} cm` } as SewnRing;
  });
  await repositories.prototypes.saveSewn(prototype, sewn);
}

type DemoFinding = Pick<NewFinding, "kind" | "zone" | "side" | "view" | "x" | "y" | "amountMm" | "note">;

async function put(
  repositories: Repositories,
  fittingId: number,
  finding: DemoFinding,
): Promise<DemoFinding & { id: number }> {
  const amountText = `${finding.amountMm} mm`;
  return {
    ...finding,
    id: await repositories.fittings.addFinding({ ...finding, fittingId, amountText, folded: false }),
  };
}

interface DemoDecision {
  readonly decision: Decision;
  readonly amountMm?: number;
  readonly reason?: string;
}

async function decideOn(
  repositories: Repositories,
  before: Prototype,
  finding: Pick<Finding, "id" | "kind" | "zone" | "side" | "amountMm">,
  { decision, amountMm, reason = "" }: DemoDecision,
): Promise<void> {
  const prototype = (await repositories.prototypes.find(before.jobId, before.number)) as Prototype;
  const proposal = proposeFor(finding, prototype);
  if (!proposal.ok) throw new Error(proposal.problem.message);
  const { share, takeMm, seams } = proposal.value;
  const decided = decision === "refused" ? null : (amountMm ?? takeMm);
  await repositories.fittings.decide({
    findingId: finding.id,
    decision,
    share,
    proposedMm: takeMm,
    amountMm: decided,
    seams,
    reason,
    version: 0,
  });
}
