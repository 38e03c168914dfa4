import { newJob } from "../../core/job/index.ts";
import type { Repositories } from "../store.ts";
import { elasticChart, elasticEdge, keepElastics } from "./cutting.ts";
import { decideOn, judge, put, read, sew, startPrototype, tryOn } from "./fittingHelp.ts";
import type { DemoPeople } from "./people.ts";
import { drawPieces } from "./pieces.ts";
import { addSeams } from "./seams.ts";
import { keepSewing } from "./sewing.ts";
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

/** How long a brief took, step by step. */
const BRIEF_MINUTES = { cut: 32, marks: 7, gussetFront: 12, gussetBack: 16, sidesBasted: 8, sides: 13 } as const;

/** The first change cured the loose waist; the one at the hip was taken whole and overdid it. */
async function twoPrototypes(all: Repositories, { ilva }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await all.jobs.add(
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
  await drawPieces(all, jobId, "briefPieces", { leg_raise: 35, back_leg: "fuller" });
  const first = await startPrototype(all, jobId, "sewn", "2026-10-02");
  await sew(all, first, { waist: 656, highHip: 786, hip: 880, "leg:left": 533, "leg:right": 531 });
  const fitting = await tryOn(all, first, { fittedOn: "2026-10-04", notes: "Stood, sat, bent, ten minutes' walk." });
  const waist = await put(all, fitting, {
    kind: "loose",
    spot: "waist",
    side: "both",
    view: "back",
    amountMm: 24,
    note: "Stands off in the small of the back.",
  });
  const hip = await put(all, fitting, {
    kind: "loose",
    spot: "hip",
    side: "both",
    view: "front",
    amountMm: 30,
    note: "Folds under the belly.",
  });
  const leg = await put(all, fitting, {
    kind: "rides",
    spot: "leg",
    side: "left",
    view: "back",
    amountMm: 12,
    note: "After the walk.",
  });
  await read(all, fitting, { zone: "waist", kind: "lift", newtons: 1.9, note: "Two fingers, centre back." });
  const atWaist = await decideOn(all, first, waist, { decision: "accepted" });
  const atHip = await decideOn(all, first, hip, {
    decision: "altered",
    amountMm: -27,
    reason: "She wants it quite close; took it all.",
  });
  await decideOn(all, first, leg, { decision: "refused", reason: "One leg only; watch it in the next one." });

  const second = await startPrototype(all, jobId, "sewn", "2026-10-11");
  await sew(all, second, { waist: 640, highHip: 787, hip: 845, "leg:left": 531, "leg:right": 532 });
  const again = await tryOn(all, second, { fittedOn: "2026-10-13" });
  await judge(all, atWaist, again, [2, "cured"]);
  await judge(all, atHip, again, [-9, "overdone", "Marks at the side after sitting."]);
  await put(all, again, {
    kind: "tight",
    spot: "hip",
    side: "both",
    view: "front",
    amountMm: 9,
    note: "Let some of it back.",
  });
  await read(all, again, { zone: "waist", kind: "lift", newtons: 3.1 });
  await keepSewing(all, jobId, "2026-10-10", {
    ...BRIEF_MINUTES,
    legElastics: 41,
    waistElastic: 24,
    reinforce: 9,
    firstWash: 12,
  });
}

const LANE_SIZES = ["S", "M", "L", "XL"];

/** A bought pattern: its edges measured along the seam lines of size L, its elastics from the chart it came with. */
const LANE_ELASTICS = {
  size: "L",
  edges: [
    elasticEdge("waist", { school: "chart", edgeMm: 742, bodyMm: 832 }),
    elasticEdge("leg", { school: "chart", edgeMm: 268, backMm: 352, bodyMm: 668 }),
  ],
  chart: [
    ...elasticChart("waist", LANE_SIZES, { firstMm: 610, stepMm: 34, count: 1, widthMm: 10 }),
    ...elasticChart("leg", LANE_SIZES, { firstMm: 522, stepMm: 26, count: 2, widthMm: 8 }),
  ],
};

async function firstFitting(all: Repositories, { maro }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await all.jobs.add(
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
  await keepElastics(all, jobId, LANE_ELASTICS);
  await addSeams(all, jobId);
  const first = await startPrototype(all, jobId, "basted", "2026-11-16");
  await sew(all, first, { waist: 745, highHip: 856, hip: 941 });
  const fitting = await tryOn(all, first, { fittedOn: "2026-11-18" });
  await put(all, fitting, {
    kind: "rides",
    spot: "waist",
    side: "both",
    view: "back",
    amountMm: 18,
    note: "Slides down when she pushes off.",
  });
  await put(all, fitting, {
    kind: "tight",
    spot: "leg",
    side: "right",
    view: "front",
    amountMm: 8,
    note: "Red line after ten minutes.",
  });
  await keepSewing(all, jobId, "2026-11-16", { cut: 35, marks: 8, gussetFront: 14, gussetBack: 17, sidesBasted: 9 });
}
