import { NEW_BAND, NEW_HOOKS, NEW_STRAP, NEW_WIRE } from "../../core/band/index.ts";
import { NEW_BUST_ROOM, NEW_CUP, NEW_DART, NEW_LABEL } from "../../core/cups/index.ts";
import { newJob } from "../../core/job/index.ts";
import type { WorkingId, Workings } from "../../core/workings/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";
import type { DemoPeople } from "./people.ts";
import { drawPieces } from "./pieces.ts";
import type { DemoShelf } from "./shelf.ts";

/** Two bras for one wearer: a soft one for a full bust of unequal sides, and a wired one whose wire is too long. */
export async function addBras(repositories: Repositories, people: DemoPeople, shelf: DemoShelf): Promise<void> {
  await softBra(repositories, people, shelf);
  await wiredBra(repositories, people, shelf);
}

async function softBra(repositories: Repositories, { tova }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await repositories.jobs.add(
    newJob({
      name: "Soft bra, unequal sides",
      notes:
        "A full bust, the left side the fuller. The pattern lacks room, the sides want a cup each, and a gape at the armhole goes into the underbust.",
      styleId: "softBra",
      wearerId: tova.wearer,
      sheetId: tova.sheet,
      clothId: shelf.net,
      girthDirection: "across",
      school: "share",
      // As Band works it out by what the drawn pieces cover: taken from there.
      zones: { underbust: { by: "own", garmentMm: 732 } },
    }),
  );
  await keep(repositories, jobId, {
    bustRoom: { ...NEW_BUST_ROOM, patternBustMm: 860, tissue: "softLow", amount: "full", school: "dart" },
    dart: {
      ...NEW_DART,
      from: "armhole",
      into: "underbust",
      widthMm: 22,
      toApexMm: 118,
      newToApexMm: 92,
      stopMm: 25,
      ownEdgeMm: 205,
      neighbourMm: 196,
    },
    cup: { ...NEW_CUP, strain: 0.04, remedy: "twoCups" },
    label: NEW_LABEL,
    band: { ...NEW_BAND, heightMm: 45, bottomElastic: shelf.plush, bottomRatio: 0.9 },
    strap: { ...NEW_STRAP, hardwareMm: 24, allowanceMm: 40, widthMm: 18 },
  });
  await drawPieces(repositories, jobId, "cupPieces", { seams: "crossVertical" });
  await drawPieces(repositories, jobId, "softBraPieces", {
    ...{ seams: "crossVertical", cradle_depth: 32, back_height: 52 },
  });
}

async function wiredBra(repositories: Repositories, { tova }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await repositories.jobs.add(
    newJob({
      name: "Wired bra, first frame",
      notes:
        "The wire on the shelf is longer than its channel: the band step says how far the underarm is raised, and which cup piece with it.",
      styleId: "wiredBra",
      wearerId: tova.wearer,
      sheetId: tova.sheet,
      clothId: shelf.net,
      girthDirection: "across",
      school: "share",
      // As Band works it out by what the drawn pieces cover: taken from there.
      zones: { underbust: { by: "own", garmentMm: 734 } },
    }),
  );
  await keep(repositories, jobId, {
    cup: { ...NEW_CUP, remedy: "twoCups" },
    label: NEW_LABEL,
    band: {
      ...NEW_BAND,
      heightMm: 62,
      topElastic: shelf.picot,
      topRatio: 0.92,
      bottomElastic: shelf.plush,
      bottomRatio: 0.88,
    },
    strap: { ...NEW_STRAP, hardwareMm: 24, allowanceMm: 40, widthMm: 15 },
    closure: {
      ...NEW_HOOKS,
      rows: 3,
      availableMm: 52,
      bridgeToEdgeMm: 24,
      edgeFoldMm: 7,
    },
    wire: {
      ...NEW_WIRE,
      sides: "apart",
      ...{ foldTopMm: 8, foldBridgeMm: 6 },
      ...{ channelMm: 252, wireMm: 236, tipDistanceMm: 139, springMm: 4, diameterMm: 140 },
      ...{ rightChannelMm: 240, rightWireMm: 226, rightTipDistanceMm: 133, rightSpringMm: 4, rightDiameterMm: 135 },
    },
  });
  // Drawn from the breasts: wires, folds and rows as Band was told, the channels raised by what they want.
  await drawPieces(repositories, jobId, "wiredBraPieces", {
    ...{ seams: "threePieces", top_finish: "lace", cradle_depth: 24, bottom_arch: 6, sling: "net" },
  });
}

async function keep({ workings }: Repositories, jobId: number, kept: Partial<Workings>): Promise<void> {
  for (const [id, working] of Object.entries(kept))
    savedOrThrow(await workings.save(jobId, id as WorkingId, { working, texts: {}, version: 0 }));
}
