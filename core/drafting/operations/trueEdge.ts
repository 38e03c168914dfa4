import { Type } from "typebox";
import { ok } from "../../result.ts";
import { angleBetween, directionAt, type Edge, trued } from "../geometry/index.ts";
import { operation } from "./operation.ts";
import { along, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withEdge } from "./withEdge.ts";

/** Lines that turn by less than this where they meet go on smoothly, degrees: as the rule for joins has it. */
const SMOOTH_DEGREES = 2;

/** `true`: the corners within an edge drawn as one smooth line. */
export const trueEdge = operation({
  id: "true",
  name: "True an edge",
  about: "Draws every corner within an edge as a smooth curve over a length to either side of it; its ends stay.",
  params: Type.Object({ piece: name(), edge: name(), over: along() }, { additionalProperties: false }),
  apply: (draft, { piece: id, edge, over }) =>
    changedAlike(draft, id, (piece) =>
      withEdge(piece, edge, (lines) =>
        ok(lines.slice(1).reduce<Edge[]>((run, line) => joinedSmoothly(run, line, over), lines.slice(0, 1))),
      ),
    ),
});

function joinedSmoothly(run: readonly Edge[], line: Edge, over: number): Edge[] {
  const last = run.at(-1);
  const [arriving, leaving] = [last && directionAt(last, 1), directionAt(line, 0)];
  const turns = arriving && leaving ? Math.abs(angleBetween(arriving, leaving)) * (180 / Math.PI) : 0;
  return turns > SMOOTH_DEGREES ? trued(run, [line], over) : [...run, line];
}
