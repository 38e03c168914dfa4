import { dartFault } from "../piece/index.ts";
import type { Check } from "./check.ts";

/** Every dart has its place still: the pinch on its edge, the mouth on its seam, the point short of what it turns about. */
export const dartsFit: Check = {
  id: "dartsFit",
  holds: "Every dart lies in its seam and stops short of its point.",
  faults: ({ pieces }) =>
    pieces.flatMap((piece) =>
      (piece.darts ?? []).flatMap((dart) => {
        const message = dartFault(piece, dart);
        return message === null ? [] : [{ piece: piece.id, edge: dart.into, message }];
      }),
    ),
};
