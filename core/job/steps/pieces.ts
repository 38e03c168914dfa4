import { lookThrough, PIECES, PIECES_IDS, type PiecesId } from "../../pieces/index.ts";
import { type JobSoFar, jobStep } from "./step.ts";

const idsOf = ({ style }: JobSoFar): PiecesId[] => PIECES_IDS.filter((id) => PIECES[id].appears(style));

/** What nobody has to draw. */
const NOT_ASKED: readonly PiecesId[] = ["stripPieces", "ownPieces", "cupPieces"];

/** The pieces drawn from the plan. */
export const piecesStep = jobStep({
  id: "pieces",
  key: "p",
  name: () => "Pieces",
  shapes: true,
  appears: (job) => idsOf(job).length > 0,
  standing(job) {
    const { kept, workings, facts } = job.entered;
    const drawn = idsOf(job)
      .filter((id) => kept.includes(id))
      .map((id) => lookThrough(id, workings[id], facts[id]));
    if (drawn.length === 0) {
      // Of bras and boned garments no recipe draws the pieces yet, and a bought pattern has its own.
      const only = idsOf(job).every((id) => NOT_ASKED.includes(id));
      if (only || job.chart)
        return { state: "done", words: job.chart ? "of your pattern, if you like" : "if you like" };
      return { state: "next", words: "not drawn yet" };
    }
    const waiting = drawn.filter(({ pieces }) => pieces === null);
    if (waiting.some(({ warned }) => warned)) return { state: "look", words: "cannot be drawn" };
    if (waiting.length > 0) return { state: "missing", words: "something lacking" };
    const faults = drawn.reduce((sum, one) => sum + one.faults, 0);
    if (faults > 0) return { state: "look", words: faults === 1 ? "1 rule broken" : `${faults} rules broken` };
    const count = drawn.reduce((sum, { pieces }) => sum + (pieces ?? 0), 0);
    return { state: "done", words: count === 1 ? "1 piece" : `${count} pieces` };
  },
});
