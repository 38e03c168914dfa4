import { NEW_BONES } from "../../core/bones/index.ts";
import { type CorsetWorking, NEW_CORSET } from "../../core/corset/index.ts";
import { newJob } from "../../core/job/index.ts";
import { NEW_WEAR, type WearWorking } from "../../core/wear/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";
import { decideOn, judge, put, startPrototype, tryOn } from "./fittingHelp.ts";
import type { DemoPeople } from "./people.ts";
import { drawPieces } from "./pieces.ts";
import type { DemoShelf } from "./shelf.ts";

/** Boned garments: an underbust whose gap becomes parallel, a dress that closes on its wearer alone, a reduction that is refused. */
export async function addCorsets(all: Repositories, people: DemoPeople, shelf: DemoShelf): Promise<void> {
  await underbust(all, people, shelf);
  await dress(all, people, shelf);
  await refused(all, people, shelf);
}

const keepReduction = async (
  { workings }: Pick<Repositories, "workings">,
  jobId: number,
  own: Partial<CorsetWorking>,
) => savedOrThrow(await workings.save(jobId, "corset", { working: { ...NEW_CORSET, ...own }, texts: {}, version: 0 }));

const keepWear = async ({ workings }: Pick<Repositories, "workings">, jobId: number, own: Partial<WearWorking>) =>
  savedOrThrow(await workings.save(jobId, "wear", { working: { ...NEW_WEAR, ...own }, texts: {}, version: 0 }));

/** Day, gap at top, waist and bottom of each mock-up, mm. */
const MOCK_UPS = [
  ["2026-10-26", 78, 54, 36],
  ["2026-11-05", 62, 52, 44],
  ["2026-11-16", 54, 50, 48],
] as const;

/** Three mock-ups: wide at the top and narrow below at first, parallel at last. */
async function underbust(all: Repositories, { orla }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await all.jobs.add(
    newJob({
      name: "Underbust for the stage",
      notes: "She sings in it: the breath comes first.",
      styleId: "underbustCorset",
      wearerId: orla.wearer,
      sheetId: orla.sheet,
      clothId: shelf.herringbone,
      girthDirection: "across",
    }),
  );
  await keepReduction(all, jobId, {
    ...{
      experience: "experienced",
      offMm: 60,
      closing: "buskLaced",
      lowerFrontMm: 165,
      lowerSideMm: 150,
      lowerBackMm: 160,
    },
    ...{ thicknessMm: 1.4, bulkySeams: 8, channels: 20, channelThicknessMm: 1.2 },
  });
  await drawPieces(all, jobId, "corsetPieces", { panels: 5, side_seam: 3, weights: "even", front: "opens" });
  savedOrThrow(
    await all.workings.save(jobId, "bones", { working: { ...NEW_BONES, turnedMm: 8 }, texts: {}, version: 0 }),
  );
  let change: number | null = null;
  for (const [at, [fittedOn, top, waist, bottom]] of MOCK_UPS.entries()) {
    const mockUp = await startPrototype(all, jobId, at === 2 ? "sewn" : "toile", fittedOn);
    const fitting = await tryOn(all, mockUp, { fittedOn, notes: "Laced to the waist; sat, breathed, sang." });
    if (change !== null)
      await judge(all, change, fitting, at === 2 ? [top - waist, "cured"] : [top - waist, "better", "Nearly."]);
    if (at === 2) break;
    const finding = await put(all, fitting, {
      ...{ kind: "gap_shape", spot: "lacing", zone: "waist", side: "both", view: "back" },
      detail: { top, waist, bottom, target: 50 },
      note: at === 0 ? "Opens upward: the ribs want more." : "",
    });
    change = await decideOn(all, mockUp, finding, { decision: "accepted" });
  }
  await keepWear(all, jobId, {
    pitchMm: 22,
    startOn: "2026-11-18",
    gaps: MOCK_UPS.map(([on, topMm, waistMm, bottomMm], at) => ({
      ...{ on, who: "wearer" as const, mockUp: at + 1, topMm, waistMm, bottomMm },
    })),
    pulls: [
      { on: "2026-11-16", level: "underbust", after: "0", pullN: 3.1, gapMm: 54 },
      { on: "2026-11-16", level: "waist", after: "0", pullN: 5.6, gapMm: 50 },
      { on: "2026-11-16", level: "waist", after: "30", pullN: 4.8, gapMm: 50 },
    ],
    wears: WEARS,
    girths: [
      { on: "2026-11-18", level: "underbust", at0Mm: 812, at10Mm: 811, at30Mm: 809, at120Mm: null },
      { on: "2026-11-22", level: "underbust", at0Mm: 808, at10Mm: 806, at30Mm: 805, at120Mm: null },
      { on: "2026-11-22", level: "highHip", at0Mm: 902, at10Mm: 902, at30Mm: 901, at120Mm: null },
    ],
  });
}

const WEARS: WearWorking["wears"] = [
  ["2026-11-18", 706, 704, 700, 4],
  ["2026-11-20", 704, 701, 698, 4],
  ["2026-11-22", 699, 697, 694, 5],
].map(([on, at0Mm, at10Mm, at30Mm, comfort], at) => ({
  ...{ on: String(on), at0Mm: Number(at0Mm), at10Mm: Number(at10Mm), at30Mm: Number(at30Mm), at120Mm: null },
  ...{ comfort: Number(comfort), speaks: true, breathes: true, marks: at === 0 ? "goes" : "none", numb: false },
  note: at === 0 ? "Loosely laced." : "",
}));

/** A dress with a zip: on the form, which does not give, it lacks two centimetres at the waist; on her it closes. */
async function dress(all: Repositories, { orla }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await all.jobs.add(
    newJob({
      name: "Boned dress with a zip",
      notes: "Hangs from its bodice; triangle open behind, with loops.",
      styleId: "bonedDress",
      wearerId: orla.wearer,
      sheetId: orla.sheet,
      clothId: shelf.herringbone,
      girthDirection: "across",
    }),
  );
  await keepReduction(all, jobId, {
    ...{ experience: "experienced", school: "percent", offPart: 0.03, thicknessMm: 1.1, bulkySeams: 12 },
    ...{ netStrength: 3, netTone: 1 },
  });
  await drawPieces(all, jobId, "corsetPieces", {
    ...{ panels: 6, side_seam: 3, weights: "halves", upper_edge: "noSleeve", open_top: 60, lining: "whole" },
  });
  await drawPieces(all, jobId, "skirtPieces", { narrow_side: 15 });
  await keepWear(all, jobId, {
    gaps: [
      { on: "2026-11-21", who: "form", mockUp: 1, topMm: 8, waistMm: 21, bottomMm: 4 },
      { on: "2026-11-23", who: "wearer", mockUp: 1, topMm: 0, waistMm: 0, bottomMm: 0 },
    ],
    startOn: "2026-11-25",
  });
}

/** More was asked for than the body offers: it stands as it was typed, with the stop sign and the reason. */
async function refused(all: Repositories, { tesse }: DemoPeople, shelf: DemoShelf): Promise<void> {
  const jobId = await all.jobs.add(
    newJob({
      name: "Cincher, refused",
      notes:
        "Wanted 14 cm off for the first time. Refused: below what her waist offers, and far over 15 %. She thinks about 4 cm.",
      styleId: "waistCincher",
      wearerId: tesse.wearer,
      sheetId: tesse.sheet,
      clothId: shelf.herringbone,
      girthDirection: "across",
    }),
  );
  await keepReduction(all, jobId, { offMm: 140 });
}
