import { wholePieces } from "../parted/index.ts";
import { boxOfEdges, outlineOf } from "../piece/index.ts";
import type { Check } from "./check.ts";

/** No piece is wider than the cloth it is cut from; one on the fold opens to twice its width. */
export const fitsRoll: Check = {
  id: "fitsRoll",
  holds: "No piece is wider than the cloth.",
  faults: ({ pieces, rollMm }) =>
    rollMm === null
      ? []
      : wholePieces({ pieces }).flatMap((piece) => {
          const { from, to } = boxOfEdges(outlineOf(piece));
          const widest = Math.max(0, ...piece.edges.map(({ allowanceMm }) => allowanceMm));
          const wide = (piece.onFold ? 2 : 1) * (to.x - from.x) + 2 * widest;
          return wide <= rollMm
            ? []
            : [
                {
                  piece: piece.id,
                  message: `Expected “${piece.name}” to be at most as wide as the cloth, ${rollMm.toFixed(0)} mm, but it is ${wide.toFixed(0)} mm with its allowances.`,
                },
              ];
        }),
};
