import type { Sheet, Wearer } from "../../core/body/index.ts";
import type { Cloth, KeptLayup, SwatchTest } from "../../core/cloth/index.ts";
import { isStyleId, type OwnStyle, type SizeChart } from "../../core/ease/index.ts";
import type { Annotation, Change, Finding, Fitting, Judgement, Prototype, Reading } from "../../core/fitting/index.ts";
import type { Job } from "../../core/job/index.ts";
import type { PrototypePieces } from "../../core/redraw/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import type { BodyWrap } from "../../core/torso/index.ts";
import { picksOf, type WorkingId, type Workings } from "../../core/workings/index.ts";
import { readKeptFrozen } from "../kept/keptFrozen.ts";
import { keptPieces } from "../kept/keptPieces.ts";
import { keptOwnStyle } from "../kept/keptStyle.ts";
import { readKeptWorking, workingFormat } from "../kept/keptWorking.ts";
import { validator } from "../validation.ts";
import { jobSchema } from "./jobSchema.ts";

type Bare<T> = Omit<T, "id" | "version">;

/** A photo in a file. */
export interface PhotoEntry {
  readonly type: string;
  /** Bytes in base64. */
  readonly bytes: string;
}

/** A cloth with its tests; the ids are references within the file, from 1. */
export interface ClothEntry extends Omit<Cloth, "version"> {
  readonly identity?: string;
  readonly tests: readonly SwatchTest[];
}

/** A finding; its change stands among the changes of the job. */
export interface FindingEntry extends Omit<Finding, "fittingId" | "version" | "photos" | "change" | "judgement"> {
  readonly photos: readonly PhotoEntry[];
}

/** A fitting with everything put down at it. */
export interface FittingEntry extends Omit<Fitting, "prototypeId" | "version" | "findings" | "readings"> {
  readonly findings: readonly FindingEntry[];
  readonly readings: readonly Omit<Reading, "id">[];
  readonly photos: readonly PhotoEntry[];
}

/** A prototype with its frozen plan and its fittings. */
export interface PrototypeEntry extends Omit<Prototype, "id" | "jobId" | "version" | "annotations"> {
  readonly annotations: readonly Omit<Annotation, "id">[];
  /** Pieces it was cut from, with the format each is kept in; none in files of before there were any. */
  readonly pieces: readonly { readonly format: number; readonly pieces: PrototypePieces }[];
  readonly fittings: readonly FittingEntry[];
}

/** A change with what it did. */
export interface ChangeEntry extends Omit<Change, "version"> {
  readonly judgement: Judgement | null;
}

/** A whole job in a file: everything it rests on and everything that was found. Lengths in mm. */
export interface JobDocument {
  readonly format: "stenz.job";
  readonly version: 1;
  readonly job: Omit<Bare<Job>, "wearerId" | "sheetId" | "layupId" | "chartId" | "openings"> & {
    readonly identity?: string;
    /** What its rings open with, by zone. */
    readonly closures: Job["openings"];
  };
  readonly ownStyle: (Bare<OwnStyle> & { readonly format: number }) | null;
  readonly wearer: Bare<Wearer> & { readonly identity?: string };
  readonly sheet: Omit<Sheet, "id" | "wearerId"> | null;
  readonly cloths: readonly ClothEntry[];
  readonly layup: Bare<KeptLayup> | null;
  readonly chart: Bare<SizeChart> | null;
  /** Body wraps its calculations are taken from; the ids are references within the file. */
  readonly wraps: readonly Omit<BodyWrap, "wearerId" | "version">[];
  readonly workings: readonly {
    readonly id: WorkingId;
    readonly format: number;
    readonly working: Workings[WorkingId];
    readonly texts: Readonly<Record<string, string>>;
  }[];
  readonly prototypes: readonly PrototypeEntry[];
  readonly changes: readonly ChangeEntry[];
}

const validate = validator(jobSchema);

/** Reads a JSON file of a job. Refused whole at the first mistake, with where it is. */
export function readJobDocument(document: unknown): Result<JobDocument> {
  const valid = validate(document);
  if (!valid.ok) return fail("job-document-invalid", valid.problem.message);
  try {
    const job = withKeptRead(broughtUp(document as JobDocument));
    return brokenReference(job) ?? ok(job);
  } catch (refused) {
    if (refused instanceof Unreadable) return fail("job-document-invalid", refused.message);
    throw refused;
  }
}

/** Carries the first unreadable part out of a file whose parts lie deep in one another. */
class Unreadable extends Error {
  override readonly name = "Unreadable";
}

function readable<T>(read: Result<T>): T {
  if (!read.ok) throw new Unreadable(read.problem.message);
  return read.value;
}

/** A file with every part that has a format of its own read by its schema, in the format of today. */
const withKeptRead = (job: JobDocument): JobDocument => ({
  ...job,
  ownStyle: job.ownStyle && styleRead(job.ownStyle),
  workings: job.workings.map(({ id, format = 1, working, texts }) => ({
    ...{ id, format: workingFormat(id), texts },
    working: readable(readKeptWorking(id, working, format)),
  })),
  prototypes: job.prototypes.map((one) => ({
    ...one,
    frozen: readable(readKeptFrozen(one.frozen)),
    pieces: one.pieces.map(({ format, pieces }) => ({
      format: keptPieces.format,
      pieces: readable(keptPieces.read(pieces, format)),
    })),
  })),
});

function styleRead({ format = 1, zones, drops, limits, parts, ...style }: NonNullable<JobDocument["ownStyle"]>) {
  return {
    ...style,
    ...readable(keptOwnStyle.read({ zones, drops, limits, ...(parts ? { parts } : {}) }, format)),
    format: keptOwnStyle.format,
  };
}

/** An older file with what it could not say yet: no change in parts, no strain it was divided by, no length as sewn. */
const broughtUp = (job: JobDocument): JobDocument => ({
  ...job,
  wraps: job.wraps ?? [],
  cloths: job.cloths.map((cloth) => ({
    ...cloth,
    tests: cloth.tests.map((one) => ({ ...one, struck: one.struck ?? null, directionWas: one.directionWas ?? null })),
  })),
  prototypes: job.prototypes.map((one) => ({ ...one, sewnLengths: one.sewnLengths ?? [], pieces: one.pieces ?? [] })),
  changes: job.changes.map((change) => ({ ...change, parts: change.parts ?? [], strain: change.strain ?? null })),
});

/** How a file names the own style it brings. */
export const OWN_STYLE = "own-1";

/** The first reference of a file that leads nowhere. */
function brokenReference({ job, ownStyle, cloths, layup, wraps, workings, prototypes, changes }: JobDocument) {
  const clothIds = new Set(cloths.map(({ id }) => id));
  const picked = { elastic: ["cloth", clothIds], wrap: ["body wrap", new Set(wraps.map(({ id }) => id))] } as const;
  const fittings = prototypes.flatMap((one) => one.fittings);
  const findings = new Set(fittings.flatMap((one) => one.findings.map(({ id }) => id)));
  const fittingIds = new Set(fittings.map(({ id }) => id));
  const changeIds = new Set(changes.map(({ id }) => id));
  const wanted: readonly (readonly [string, number | null, ReadonlySet<number>])[] = [
    ["cloth", job.clothId, clothIds],
    ["cloth", job.edgeElasticId, clothIds],
    ...(layup?.layers ?? []).map(({ clothId }) => ["cloth", clothId, clothIds] as const),
    ...workings.flatMap(({ id, working }) =>
      picksOf(id, working).map(({ of, id: ref }) => [picked[of][0], ref, picked[of][1]] as const),
    ),
    ...prototypes.flatMap(({ frozen: { cloth, layers } }) =>
      [cloth.id, ...layers.map(({ clothId }) => clothId)].map((ref) => ["cloth", ref, clothIds] as const),
    ),
    ...prototypes.flatMap(({ frozen: { changes: of } }) =>
      of.map(({ changeId }) => ["change", changeId, changeIds] as const),
    ),
    ...prototypes.flatMap((one) =>
      one.pieces.flatMap(({ pieces: { steps } }) =>
        steps.map(({ changeId }) => ["change", changeId, changeIds] as const),
      ),
    ),
    ...changes.map(({ findingId }) => ["finding", findingId, findings] as const),
    ...changes.map(({ judgement }) => ["fitting", judgement?.fittingId ?? null, fittingIds] as const),
  ];
  const doubled = prototypes.find(
    (one) => new Set(one.pieces.map(({ pieces: { id } }) => id)).size < one.pieces.length,
  );
  if (doubled)
    return fail(
      "job-document-broken",
      `Expected pieces of prototype ${doubled.number} once a recipe, but one is there twice.`,
    );
  const lost = wanted.find(([, id, there]) => id !== null && !there.has(id));
  if (lost) return fail("job-document-broken", `Expected ${lost[0]} ${lost[1]} in the file, but it is not there.`);
  const own = [job.styleId, ...prototypes.map(({ frozen: { styleId } }) => styleId)].filter((id) => !isStyleId(id));
  if (own.some((id) => id !== OWN_STYLE) || (own.length > 0 && !ownStyle)) {
    return fail(
      "job-document-broken",
      `Expected a style that ships with Stenz, or “${OWN_STYLE}” with the style in the file.`,
    );
  }
  const inOrder = prototypes.every(({ number }, index) => number === index + 1);
  return inOrder ? null : fail("job-document-broken", "Expected prototypes numbered from 1 without a gap.");
}
