import { type OwnPattern, takeInBuilt, takeInPieces, takeInWrap } from "../../../../core/pieces/index.ts";
import type { Result } from "../../../../core/result.ts";
import type { Store } from "../../../../data/store.ts";
import { readDiagonals, readEdgeLengths } from "../../../../formats/drafts/builtText.ts";
import { DRAWN_UNITS } from "../../../../formats/drafts/readDrawn.ts";
import { formReader } from "../../../../formats/form/formReader.ts";
import {
  choice,
  group,
  line,
  optionalLine,
  orElse,
  orNull,
  reference,
  smallOrNone,
  version,
} from "../../../../formats/form/index.ts";
import { asSent, found, invalid } from "../../../.server/http/answers.ts";
import { bytesOf, inPool } from "../../../.server/pool/pool.ts";
import { type Fields, textsOf } from "../../../form/unsaved.ts";
import { keepPieces } from "../steps/keepPieces.server.ts";
import { SCALES } from "./units.ts";

const ID = "ownPieces" as const;

/** Widest allowance of a bought pattern, mm. */
const WIDEST_MM = 50;

const readFile = formReader(
  group({
    fileUnit: orElse(
      choice(
        "a unit",
        SCALES.map(({ value }) => value),
      ),
      "mm",
    ),
    outline: orElse(choice("what the outline is", ["seam", "cut"]), "seam"),
    allowance: orNull(smallOrNone(WIDEST_MM)),
    version: version(),
  }),
);

/** Takes the pieces of a file into a job's own pattern, beside what it has. */
export async function readInFile(form: FormData, jobId: number, store: Store, signal: AbortSignal) {
  const fields = textsOf(form);
  const typed = readFile(fields);
  if (!typed.ok) return invalid(fields, typed.errors);
  const { fileUnit, outline, allowance } = typed.value;
  const refused = (name: string, message: string) => invalid(fields, { [name]: message });
  if (outline === "cut" && allowance === null)
    return refused("allowance", "Expected the allowance the file's lines have outside the seam.");
  const file = form.get("file");
  if (!(file instanceof File) || file.size === 0)
    return refused("file", "Expected an SVG or a DXF file, but none was chosen.");
  const bytes = await bytesOf(file);
  const scale = fileUnit === "mark" ? "mark" : { unitMm: DRAWN_UNITS[fileUnit] };
  const read = await inPool("readDrawn", { name: file.name, bytes, scale }, { hand: [bytes], signal });
  if (!read.ok) return refused("file", read.problem.message);
  const { pieces, passedOver: passed } = read.value;
  return keepPieces(fields, jobId, store, {
    ...{ id: ID, field: "file", what: "pattern", passed },
    change: (pattern) => takeInPieces(pattern, pieces, outline === "cut" ? (allowance ?? 0) : 0),
  });
}

const readBuilt = formReader(
  group({
    builtName: line("a name of the piece"),
    builtEdges: line("the lengths of its edges, round the piece", 400),
    builtAcross: optionalLine("lines across, one a line", 2000),
    version: version(),
  }),
);

/** Takes a piece that is built from its measured lengths into a job's own pattern, beside what it has. */
export async function takeBuilt(fields: Fields, jobId: number, store: Store) {
  const typed = readBuilt(fields);
  if (!typed.ok) return invalid(fields, typed.errors);
  const { builtName, builtEdges, builtAcross } = typed.value;
  const [edges, diagonals] = [readEdgeLengths(builtEdges), readDiagonals(builtAcross)];
  if (!edges.ok) return invalid(fields, { builtEdges: edges.problem.message });
  if (!diagonals.ok) return invalid(fields, { builtAcross: diagonals.problem.message });
  const measured = { edges: edges.value, diagonals: diagonals.value };
  return kept(fields, jobId, store, "builtEdges", (pattern) => takeInBuilt(pattern, builtName, measured));
}

const readWrapId = formReader(group({ wrap: reference("a body wrap"), version: version() }));

/** Takes the edges of a wrap of the wearer into a job's own pattern, beside what it has. */
export async function takeWrap(fields: Fields, jobId: number, store: Store) {
  const { wrap: wrapId } = asSent(readWrapId(fields));
  const job = found(await store.jobs.find(jobId), "job");
  const wraps = await store.wraps.ofWearer(job.wearerId);
  const wrap = found(wraps.find(({ id }) => id === wrapId) ?? null, "wrap of this wearer");
  return kept(fields, jobId, store, "wrap", (pattern) => takeInWrap(pattern, wrap.edges));
}

/** Keeps a pattern with more taken in. */
const kept = (
  fields: Fields,
  jobId: number,
  store: Store,
  field: string,
  change: (pattern: OwnPattern) => Result<OwnPattern>,
) => keepPieces(fields, jobId, store, { id: ID, field, what: "pattern", change });
