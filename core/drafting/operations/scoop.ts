import { Type } from "typebox";
import { ok } from "../../result.ts";
import type { Draft } from "../draft.ts";
import { lengthOfEdges } from "../geometry/index.ts";
import { runLength } from "../measured.ts";
import { letOutAlong } from "./letOut.ts";
import { operation } from "./operation.ts";
import { along, amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withEdge } from "./withEdge.ts";

/** `scoop`: an edge hollowed out, most at one place, to nothing at its ends. */
export const scoop = operation({
  id: "scoop",
  name: "Scoop an edge",
  about:
    "Hollows an edge out by a depth at one place (below 0 fills it), running to nothing at both of its ends; at a fold it stays square.",
  params: Type.Object({ piece: name(), edge: name(), at: along(), depth: amount() }, { additionalProperties: false }),
  apply(draft, { piece: id, edge, at, depth }) {
    const scooped = changedAlike(draft, id, (piece) =>
      withEdge(piece, edge, (lines) => {
        const whole = lengthOfEdges(lines);
        return letOutAlong(lines, {
          ...{ amountMm: -depth, fullFromMm: at, fullToMm: at },
          ...{ beforeMm: at, afterMm: whole - at },
        });
      }),
    );
    return scooped.ok ? ok(withLoops(draft, scooped.value)) : scooped;
  },
});

/** A loop goes on over what was scooped off its way, as over a neckline: the body is there still. */
const withLoops = (before: Draft, after: Draft): Draft => ({
  ...after,
  loops: after.loops.map((loop) => {
    const offMm = runLength(before, loop.along) - runLength(after, loop.along);
    return Math.abs(offMm) < NOTHING_MM
      ? loop
      : { ...loop, along: { ...loop.along, plusMm: loop.along.plusMm + offMm } };
  }),
});

/** Lengths closer than this are the same, mm. */
const NOTHING_MM = 1e-6;
