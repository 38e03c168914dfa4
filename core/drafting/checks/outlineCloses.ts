import { distance } from "../geometry/index.ts";
import { outlineOf } from "../piece/index.ts";
import type { Check } from "./check.ts";

/** Ends of two edges that are nearer than this are one point, mm: a file is written to a thousandth. */
const MEETS_MM = 0.005;

/** Every edge of a piece begins where the one before it ended: else no line can be cut round it. */
export const outlineCloses: Check = {
  id: "outlineCloses",
  holds: "Every edge begins where the one before it ends.",
  faults: ({ pieces }) =>
    pieces.flatMap((piece) => {
      const lines = outlineOf(piece);
      return lines.flatMap((line, at) => {
        const next = lines[(at + 1) % lines.length] ?? line;
        const apart = distance(line.to, next.from);
        if (apart <= MEETS_MM) return [];
        return [
          {
            ...{ piece: piece.id, at: line.to },
            message: `Expected the edges of “${piece.name}” to meet, but they are ${apart.toFixed(2)} mm apart at ${line.to.x.toFixed(0)}, ${line.to.y.toFixed(0)} mm.`,
          },
        ];
      });
    }),
};
