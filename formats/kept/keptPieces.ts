import { type PrototypePieces, piecesSchema } from "../../core/redraw/index.ts";
import { keptType } from "./keptType.ts";

/** Pieces of a prototype, as the data file and files of jobs keep them. */
export const keptPieces = keptType<PrototypePieces>({ what: "the pieces of a prototype", schema: piecesSchema });
