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

/** Pieces of prototypes. They are written once, and never changed. */
export interface PiecesRepository {
  /** By recipe, in the order they were drawn; none where it was made without. */
  ofPrototype(prototypeId: number): Promise<PrototypePieces[]>;
  /** Which of some prototypes have pieces. */
  having(prototypeIds: readonly number[]): Promise<ReadonlySet<number>>;
  /** Keeps the pieces of a prototype. @returns false where it has some of that recipe: they stay as they are. */
  add(prototypeId: number, pieces: readonly PrototypePieces[]): Promise<boolean>;
}

/** Pieces over a connection or a transaction. */
export function piecesRepository(db: Knex): PiecesRepository {
  const rows = (prototypeId: number): Promise<PiecesRow[]> =>
    db("prototype_pieces").where({ prototype_id: prototypeId }).orderBy("id");
  return {
    ofPrototype: async (prototypeId) =>
      (await rows(prototypeId)).map(({ content, format }) => wholeOf(keptPieces.read(parse(content), format))),
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
