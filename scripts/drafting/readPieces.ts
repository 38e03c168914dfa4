import { areaWithin, atCorners, closedPath, type Edge, lengthOfEdges } from "../../core/drafting/index.ts";
import { DRAWN_KINDS, DRAWN_UNITS, readerOf } from "../../formats/drafts/readDrawn.ts";
import { type CommandAnswer, readText, stop } from "../commandLine.ts";

const millimetresBy: Readonly<Record<string, number>> = DRAWN_UNITS;

/** Reads pieces that another program drew: each with its lines, their length and area, and the edges between its corners. */
export function readPieces(file: string, unit?: string): CommandAnswer {
  const read = readerOf(file);
  if (!read) return stop(`Expected a file that ends in ${DRAWN_KINDS.join(" or ")}, but got ${file}.`);
  const unitMm = unit === undefined ? undefined : millimetresBy[unit];
  if (unit !== undefined && unitMm === undefined)
    return stop(`Expected a unit of ${Object.keys(DRAWN_UNITS).join(", ")}, but got “${unit}”.`);
  const found = read(readText(file), unitMm);
  if (!found.ok) return { said: { error: found.problem }, status: 1 };
  const { pieces, passedOver } = found.value;
  return {
    said: {
      unit: "mm",
      pieces: pieces.map(({ name, count, material, boundary, sewLine, notches }) => ({
        ...{ name, count, material, notches: notches.length },
        ...(boundary.length > 0 ? { cut: measured(boundary) } : {}),
        ...(sewLine.length > 0 ? { seam: measured(sewLine) } : {}),
      })),
      passedOver,
    },
    status: 0,
  };
}

/** Lengths are told to this many decimals, mm. */
const DECIMALS = 3;
const told = (mm: number): number => Number(mm.toFixed(DECIMALS));

const measured = (lines: readonly Edge[]) => ({
  path: closedPath(lines),
  length: told(lengthOfEdges(lines)),
  area: told(Math.abs(areaWithin(lines))),
  edges: atCorners(lines).map((run) => told(lengthOfEdges(run))),
});
