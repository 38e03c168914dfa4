import type { Knex } from "knex";
import type { PrototypePieces } from "../../core/redraw/index.ts";
import { keptPieces } from "../../formats/kept/keptPieces.ts";
import { insertAll, parse, wholeOf } from "../db/index.ts";

interface PiecesRow {
  prototype_id: number;
  kind: string;
  format: number;
  content: string;
}

/** The pieces a job is cut from. */
export interface JobPieces {
  /** Number of the prototype they are of. */
  readonly number: number;
  /** Numbers of all of its prototypes that have pieces, in order. */
  readonly numbers: readonly number[];
  readonly pieces: readonly PrototypePieces[];
}

/** Pieces of prototypes. They are written once, and never changed. */
export interface PiecesRepository {
  /** By recipe, in the order they were drawn; none where it was made without. */
  ofPrototype(prototypeId: number): Promise<PrototypePieces[]>;
  /** Those of a job's newest prototype that has some, or of the one that is asked for; null where none has. */
  ofJob(jobId: number, asked: number | null): Promise<JobPieces | null>;
  /** Which of some prototypes have pieces. */
  having(prototypeIds: readonly number[]): Promise<ReadonlySet<number>>;
  /** Keeps the pieces of a prototype. @returns false where it has some of that recipe: they stay as they are. */
  add(prototypeId: number, pieces: readonly PrototypePieces[]): Promise<boolean>;
}

/** So many sets are kept as they were read: of the jobs that are worked at. */
const MOST_READ = 60;

const known = new Map<string, PrototypePieces>();

/** Reads a set of pieces; they never change, and every page of a job asks for them. */
function readLately({ content, format }: Pick<PiecesRow, "content" | "format">): PrototypePieces {
  const key = `${format} ${content}`;
  const before = known.get(key);
  if (before) return before;
  const read = wholeOf(keptPieces.read(parse(content), format));
  if (known.size >= MOST_READ) known.clear();
  known.set(key, read);
  return read;
}

/** Pieces over a connection or a transaction. */
export function piecesRepository(db: Knex): PiecesRepository {
  const rows = (prototypeId: number): Promise<PiecesRow[]> =>
    db("prototype_pieces").where({ prototype_id: prototypeId }).orderBy("id");
  return {
    ofPrototype: async (prototypeId) => (await rows(prototypeId)).map(readLately),
    async ofJob(jobId, asked) {
      const made: { id: number; number: number }[] = await db("prototypes")
        .where({ job_id: jobId })
        .whereIn("id", db("prototype_pieces").select("prototype_id"))
        .orderBy("number")
        .select("id", "number");
      const shown = made.find(({ number }) => number === asked) ?? made.at(-1);
      if (!shown) return null;
      const pieces = (await rows(shown.id)).map(readLately);
      return { number: shown.number, numbers: made.map(({ number }) => number), pieces };
    },
    having: async (prototypeIds) =>
      new Set(await db("prototype_pieces").whereIn("prototype_id", prototypeIds).pluck("prototype_id")),
    async add(prototypeId, pieces) {
      const kinds = (await rows(prototypeId)).map(({ kind }) => kind);
      if (pieces.some(({ id }) => kinds.includes(id))) return false;
      await insertAll(
        db,
        "prototype_pieces",
        pieces.map((one) => ({
          ...{ prototype_id: prototypeId, kind: one.id },
          ...{ format: keptPieces.format, content: JSON.stringify(one) },
        })),
      );
      return true;
    },
  };
}
