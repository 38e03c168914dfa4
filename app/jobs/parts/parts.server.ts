import { redirect } from "react-router";
import {
  copyOf,
  NO_NECK_CORDS,
  ownStyleNumber,
  type ShippedStyleId,
  type Style,
  type Zone,
} from "../../../core/ease/index.ts";
import type { Job } from "../../../core/job/index.ts";
import {
  decisionsOf,
  OPEN,
  openedBy,
  optionsSetBy,
  type PartsWorking,
  partsOfStyle,
  tiedAtNeck,
} from "../../../core/parts/index.ts";
import { isPiecesId, PIECES } from "../../../core/pieces/index.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import type { Repositories, Store } from "../../../data/store.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { group, line } from "../../../formats/form/index.ts";
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
    refuses: async (all, working) => {
      if (!isParts(working)) return {};
      const job = found(await all.jobs.find(jobId), "job");
      const tied = tiedAtNeck(working, style);
      return tied && (await all.wearers.find(job.wearerId))?.child ? { [tied]: NO_NECK_CORDS } : {};
    },
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
  return changeParts(jobId, store, (before) => {
    const others = before[list].filter((one) => one !== piece);
    return { [list]: on === "yes" ? [...others, piece].slice(-MOST) : others };
  });
}

/** Changes what is kept beside the decisions: those stay as they were, whoever kept them. */
const changeParts = (jobId: number, store: Store, change: (before: PartsWorking) => Partial<PartsWorking>) =>
  store.inTransaction(async ({ jobs, workings }) => {
    found(await jobs.find(jobId), "job");
    const { working, texts, version } = await workings.find(jobId, "parts");
    savedOrThrow(await workings.save(jobId, "parts", { working: { ...working, ...change(working) }, texts, version }));
    return redirect(pageOf(jobId));
  });

/** Ticks a piece of a bought pattern to a part, or to every choice. */
export function tickToPart(fields: Fields, jobId: number, store: Store, style: Style) {
  const { piece = "", part = "" } = fields;
  if (piece === "" || piece.length > LONGEST)
    return invalid(fields, { form: "Expected a piece of the list, but none was named." });
  if (part !== "" && !partsOfStyle(style).some(({ value }) => value === part))
    return invalid(fields, { form: `Expected a part of this style, but got “${part.slice(0, 60)}”.` });
  return changeParts(jobId, store, ({ belongs: { [piece]: _, ...others } }) => ({
    belongs: part === "" ? others : { ...others, [piece]: part },
  }));
}

/** Keeps a style of the workshop with the parts that are kept here: a copy of the job's own style. */
export function keepAsStyle(fields: Fields, jobId: number, store: Store, style: Style) {
  const read = readStyleName(fields);
  if (!read.ok) return invalid(fields, read.errors);
  return store.inTransaction(async ({ styles, workings }) => {
    const { working } = await workings.find(jobId, "parts");
    const number = ownStyleNumber(style.id);
    const base = number === null ? copyOf(style as ShippedStyle) : found(await styles.findOwn(number), "style");
    const asked = decisionsOf(style).map(({ id }) => id);
    const parts = Object.fromEntries(asked.flatMap((id) => (working[id] === OPEN ? [] : [[id, working[id]]])));
    return redirect(`/styles/${await styles.add({ ...base, name: read.value.name, parts })}`);
  });
}

type ShippedStyle = Style & { readonly id: ShippedStyleId };

const readStyleName = formReader(group({ name: line("a name for the style") }));

/** Longest name of a piece in the list, most that are ticked. */
const [LONGEST, MOST] = [200, 200];
