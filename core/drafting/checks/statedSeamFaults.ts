import type { Draft } from "../draft.ts";
import { type SeamSide, seamOff, statedSeams } from "../stated/index.ts";
import type { Fault } from "./check.ts";

/** Seams named by letters that have not two sides, or whose sides are further apart than the ease stated by more than so many mm. */
export const statedSeamFaults = (draft: Draft, mostMm: number): Fault[] =>
  statedSeams(draft).flatMap(({ letters, sides, count }): Fault[] => {
    if (!sides) return [{ message: `Seam ${letters}: expected two sides, but ${count} carry its letters.` }];
    const off = seamOff(sides);
    if (Math.abs(off) <= mostMm) return [];
    const [first, second] = sides;
    return [
      {
        ...{ piece: first.piece, edge: first.edges[0] ?? "" },
        message: `Seam ${letters}: expected ${told(first)} to be as long as ${told(second)}, within ${mostMm} mm of the ease stated; they are ${Math.abs(off).toFixed(1)} mm apart.`,
      },
    ];
  });

const told = ({ piece, edges, lengthMm }: SeamSide): string =>
  `${piece} ${edges.join(" and ")} (${lengthMm.toFixed(1)} mm)`;
