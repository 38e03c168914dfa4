import { redirect } from "react-router";
import type { Style, Zone } from "../../../core/ease/index.ts";
import type { Job } from "../../../core/job/index.ts";
import { openedBy, optionsSetBy, type PartsWorking } from "../../../core/parts/index.ts";
import { isPiecesId, PIECES } from "../../../core/pieces/index.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import type { Repositories, Store } from "../../../data/store.ts";
import { found, invalid } from "../../.server/http/answers.ts";
import type { Fields } from "../../form/unsaved.ts";
import { saveWorking } from "../calculation/saveWorking.server.ts";

const pageOf = (jobId: number) => `/jobs/${jobId}/parts`;

/**
 * Keeps the parts of a garment; in the same transaction what they set of the pieces that are drawn here, and the rings they open.
 * Rings that were opened otherwise stay as they are.
 */
export const saveParts = (fields: Fields, jobId: number, store: Store, style: Style) =>
  saveWorking(fields, jobId, store, pageOf(jobId), {
    also: async (all, working, before) => {
      if (!isParts(working) || !isParts(before)) return;
      await setOptions(all, jobId, optionsSetBy(working, style), style);
      await setOpenings(all, jobId, openedBy(before, style), openedBy(working, style));
    },
  });

const isParts = (working: object): working is PartsWorking => "cut" in working && "without" in working;

async function setOptions(
  { workings }: Repositories,
  jobId: number,
  options: ReturnType<typeof optionsSetBy>,
  style: Style,
): Promise<void> {
  for (const [id, wanted] of Object.entries(options)) {
    if (!isPiecesId(id) || id === "ownPieces" || !PIECES[id].appears(style)) continue;
    const before = await workings.find(jobId, id);
    const same = Object.entries(wanted).every(([name, value]) => before.working[name] === value);
    if (same && before.version > 0) continue;
    // What was typed for an option that is set now no longer says it.
    const texts = Object.fromEntries(Object.entries(before.texts).filter(([name]) => !(name in wanted)));
    const working = { ...before.working, ...wanted };
    savedOrThrow(await workings.save(jobId, id, { working, texts, version: before.version }));
  }
}

async function setOpenings(
  { jobs }: Repositories,
  jobId: number,
  before: Readonly<Record<string, string>>,
  now: Readonly<Record<string, string>>,
): Promise<void> {
  const job = found(await jobs.find(jobId), "job");
  const openings: Partial<Record<Zone, string>> = { ...job.openings };
  for (const [zone, how] of Object.entries(before) as [Zone, string][])
    if (openings[zone] === how && !now[zone]) delete openings[zone];
  for (const [zone, how] of Object.entries(now) as [Zone, string][]) openings[zone] = how;
  if (JSON.stringify(openings) === JSON.stringify(job.openings)) return;
  savedOrThrow(await jobs.save({ ...job, openings: openings as Job["openings"] }));
}

/** Ticks a piece as cut, or leaves it out, or takes that back: whatever else was changed meanwhile stays. */
export function tickPiece(fields: Fields, jobId: number, store: Store) {
  const { list, piece = "", on } = fields;
  if (list !== "cut" && list !== "without")
    return invalid(fields, { form: "Expected what is ticked, but it was not said." });
  if (piece === "" || piece.length > LONGEST)
    return invalid(fields, { form: "Expected a piece of the list, but none was named." });
  return store.inTransaction(async ({ jobs, workings }) => {
    found(await jobs.find(jobId), "job");
    const before = await workings.find(jobId, "parts");
    const others = before.working[list].filter((one) => one !== piece);
    const ticked = on === "yes" ? [...others, piece].slice(-MOST) : others;
    const working = { ...before.working, [list]: ticked };
    savedOrThrow(await workings.save(jobId, "parts", { working, texts: before.texts, version: before.version }));
    return redirect(pageOf(jobId));
  });
}

/** Longest name of a piece in the list, most that are ticked. */
const [LONGEST, MOST] = [200, 200];
