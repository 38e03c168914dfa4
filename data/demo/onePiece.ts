import { newJob } from "../../core/job/index.ts";
import type { OwnEdge } from "../../core/pieces/index.ts";
import { NEW_TRUNK, type WrapEdge } from "../../core/torso/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";
import { elasticChart, elasticEdge, keepElastics, keepLayout, keepNotions, keepParts } from "./cutting.ts";
import type { DemoCharts } from "./patterns.ts";
import type { DemoPeople } from "./people.ts";
import { drawPieces, keepPattern } from "./pieces.ts";
import type { DemoShelf } from "./shelf.ts";

/** A one-piece in three layers from a graded block, planned by share with the underbust chosen by pressure. */
export async function addOnePiece(
  all: Repositories,
  { people, shelf, charts }: { people: DemoPeople; shelf: DemoShelf & { layup: number }; charts: DemoCharts },
): Promise<void> {
  const { jobs, workings, wraps } = all;
  const jobId = await jobs.add(
    newJob({
      name: "Winter one-piece",
      notes:
        "A long torso: girths fit the block, the trunk does not. The loop was measured along the draft; the torso step says where the length is missing, and which layers take it too.",
      styleId: "onePiece",
      wearerId: people.ilva.wearer,
      sheetId: people.ilva.sheet,
      girthDirection: "across",
      layupId: shelf.layup,
      school: "share",
      zones: { underbust: { by: "pressure" } },
      pressuresKpa: { underbust: 0.6 },
      chartId: charts.onePiece,
    }),
  );
  const trunk = {
    ...NEW_TRUNK,
    trunkLoop: 1440,
    frontWaist: 402,
    crotchFront: 304,
    crotchBack: 338,
    backWaist: 378,
    linked: "facing",
  };
  savedOrThrow(await workings.save(jobId, "trunk", { working: trunk, texts: {}, version: 0 }));
  await drawPieces(all, jobId, "onePiecePieces", { leg_raise: 50, neck_depth: 150, underbust_band: 45 });
  await keepPattern(all, jobId, { edges: BLOCK_EDGES });
  await keepElastics(all, jobId, {
    ...{ first: shelf.picot, second: shelf.plush, edges: ONE_PIECE_ELASTICS },
    chart: elasticChart("armhole", ["36", "38", "40", "42"], { firstMm: 452, stepMm: 13, count: 2, widthMm: 10 }),
  });
  await keepLayout(all, jobId, "shellLayout", { laying: "folded", halfTurn: true });
  // The band inside is cut from a border lace: its long edges run along the finished edge.
  await keepLayout(all, jobId, "netLayout", { widthMm: 180, border: "long", borders: "both" });
  await keepParts(all, jobId, { front: "scoop", back: "scoop", closure: "none", lining: "front", pocket: "kept" });
  await keepNotions(all, jobId, { notions: [{ name: "Thread", count: 1 }], made: 2 });
  await wraps.add({
    wearerId: people.ilva.wearer,
    name: "First wrap, standing",
    takenOn: "2026-09-30",
    notes: "Film and tape over a thin shirt; cut off at the centre back.",
    edges: WRAP_EDGES,
  });
}

/** Every school once: the leg by the pressure it is to have, the neckline by feel, the armhole as the block's chart has it, the waist of an inner belt by ratio. */
const ONE_PIECE_ELASTICS = [
  elasticEdge("leg", { school: "tension", kpa: 0.3 }),
  elasticEdge("neckStraight", { school: "feel" }),
  elasticEdge("armhole", { school: "chart" }),
  elasticEdge("waist", { name: "inner belt", elastic: "second", edgeMm: 655, bodyMm: 742 }),
];

/** Edges of a wrap: each piece stands for both sides; one seam of it is a few millimetres off. */
const WRAP_EDGES: readonly WrapEdge[] = (
  [
    ["Centre front", 122, "bust", ""],
    ["Side front", 116, "bust", ""],
    ["Side back", 112, "bust", ""],
    ["Centre back", 121, "bust", ""],
    ["Centre front", 92, "waist", ""],
    ["Side front", 98, "waist", ""],
    ["Side back", 96, "waist", ""],
    ["Centre back", 93, "waist", ""],
    ["Centre front", 122, "hip", ""],
    ["Side front", 128, "hip", ""],
    ["Side back", 134, "hip", ""],
    ["Centre back", 131, "hip", ""],
    ["Centre front", 441, "frontWaist", ""],
    ["Centre front", 324, "crotchFront", ""],
    ["Centre back", 379, "crotchBack", ""],
    ["Centre back", 409, "backWaist", ""],
    ["Side front", 396, "none", "A"],
    ["Side back", 395, "none", "A"],
    ["Centre back", 402, "none", "B"],
    ["Side back", 407, "none", "B"],
  ] as const
).map(([piece, lengthMm, counts, seam]) => ({ piece, lengthMm, counts, seam, twice: true }));

/** Edges of the graded block at the sizes it is cut in, measured along its seam lines: its back is eased in at the seat, and it is narrow in the hip. */
const BLOCK_EDGES: readonly OwnEdge[] = (
  [
    ["Front", "bust line", 206.5, "bust", "", null],
    ["Front", "waist line", 168, "waist", "", null],
    ["Front", "hip line", 206, "hip", "", null],
    ["Front", "side", 356, "none", "A", null],
    ["Front", "shoulder", 46, "none", "B", null],
    ["Front", "leg", 372, "none", "", null],
    ["Back", "bust line", 198, "bust", "", null],
    ["Back", "waist line", 164.5, "waist", "", null],
    ["Back", "hip line", 226, "hip", "", null],
    ["Back", "side", 362, "none", "A", 6],
    ["Back", "shoulder", 46, "none", "B", null],
    ["Back", "leg", 398, "none", "", null],
  ] as const
).map(([piece, edge, length, counts, seam, ease]) => ({
  ...{ piece, edge, length, counts, seam, ease, allowance: null },
  ...{ finish: edge === "leg" ? "elastic" : "seam", twice: counts !== "none", line: "" },
}));
