import { Type } from "typebox";
import type { Sheet, Wearer } from "../../core/body/index.ts";
import type { LikedGarment } from "../../core/ease/index.ts";
import type { StandingChange } from "../../core/fitting/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { isoDay } from "../../core/schemaParts.ts";
import type { BodyWrap } from "../../core/torso/index.ts";
import { validator } from "../validation.ts";
import { type ClothEntry, type JobDocument, readJobDocument } from "./jobDocument.ts";
import { clothSchema, sheetSchema, wearerSchema, wrapSchema } from "./jobSchema.ts";

/** Everything about a wearer in a file. Cloths are those of the garments that fit; a job brings its own. */
export interface WearerDocument {
  readonly format: "stenz.wearer";
  readonly version: 2;
  readonly wearer: Omit<Wearer, "id" | "version"> & { readonly identity?: string };
  readonly sheets: readonly Omit<Sheet, "id" | "wearerId">[];
  readonly bodyWraps: readonly Omit<BodyWrap, "wearerId" | "version">[];
  readonly standingChanges: readonly Omit<StandingChange, "id" | "wearerId" | "chartId">[];
  readonly cloths: readonly ClothEntry[];
  /** `clothId` is a reference within the file. */
  readonly likedGarments: readonly Omit<LikedGarment, "id" | "wearerId" | "version">[];
  readonly jobs: readonly JobDocument[];
}

const mm = Type.Number({ exclusiveMinimum: 0, maximum: 1e5 });

/** JSON file of everything about a wearer, the jobs apart: each of those is read as a file of a job. */
const wearerDocumentSchema = Type.Object(
  {
    format: Type.Literal("stenz.wearer"),
    version: Type.Literal(2),
    wearer: wearerSchema,
    sheets: Type.Array(sheetSchema, { maxItems: 2000 }),
    bodyWraps: Type.Array(wrapSchema, { maxItems: 500 }),
    standingChanges: Type.Array(
      Type.Object({
        on: Type.String({ maxLength: 40 }),
        spot: Type.String({ maxLength: 40 }),
        zone: Type.String({ maxLength: 40 }),
        side: Type.Enum(["left", "right", "both"]),
        lengthId: Type.String({ maxLength: 60 }),
        pieces: Type.String({ maxLength: 400 }),
        line: Type.String({ maxLength: 4000 }),
        amountMm: Type.Union([Type.Number({ minimum: -1e5, maximum: 1e5 }), Type.Null()]),
        words: Type.String({ minLength: 1, maxLength: 400 }),
        madeOn: isoDay(),
      }),
      { maxItems: 2000 },
    ),
    cloths: Type.Array(clothSchema, { maxItems: 500 }),
    likedGarments: Type.Array(
      Type.Object({
        name: Type.String({ minLength: 1, maxLength: 200 }),
        measuredOn: isoDay(),
        clothId: Type.Union([Type.Integer({ minimum: 1 }), Type.Null()]),
        direction: Type.Enum(["along", "across", "bias"]),
        usable: Type.Union([Type.Number({ minimum: 0, maximum: 50 }), Type.Null()]),
        widthsMm: Type.Record(Type.String(), mm),
        lengthsMm: Type.Record(Type.String(), mm),
        notes: Type.String({ maxLength: 4000 }),
      }),
      { maxItems: 500 },
    ),
    jobs: Type.Array(Type.Object({}), { maxItems: 500 }),
  },
  { additionalProperties: false },
);

const validate = validator(wearerDocumentSchema);

/** Reads a JSON file of everything about a wearer. Refused whole at the first mistake, with where it is. */
export function readWearerDocument(document: unknown): Result<WearerDocument> {
  if ((document as { version?: unknown } | null)?.version === 1) {
    return fail(
      "wearer-document-old",
      "Expected version 2 of this file: the first version was written to be read only.",
    );
  }
  const valid = validate(document);
  if (!valid.ok) return fail("wearer-document-invalid", valid.problem.message);
  const jobs: JobDocument[] = [];
  for (const [index, one] of (document as WearerDocument).jobs.entries()) {
    const job = readJobDocument(one);
    if (!job.ok) return fail("wearer-document-invalid", `Job ${index + 1}: ${job.problem.message}`);
    jobs.push(job.value);
  }
  const wearer = document as WearerDocument;
  const refs = new Set(wearer.cloths.map(({ id }) => id));
  const lost = wearer.likedGarments.find(({ clothId }) => clothId !== null && !refs.has(clothId));
  if (lost)
    return fail("wearer-document-broken", `Expected the cloth of “${lost.name}” in the file, but it is not there.`);
  return ok({ ...wearer, jobs });
}
