import { Type } from "typebox";
import { ok } from "../../../result.ts";
import { lengthOfEdges, times, unit, way } from "../../geometry/index.ts";
import { onBothEdges } from "../bothSides.ts";
import { operation } from "../operation.ts";
import { amount, name } from "../params.ts";
import { displaced } from "./displaced.ts";

/** `shiftFullness`: the fullest place of a cup moved along one of its seams, on both of its pieces. */
export const shiftFullness = operation({
  id: "shiftFullness",
  name: "Move the fullest place of a cup",
  about:
    "Moves the apex along a seam that runs through it, toward the seam's end (below 0 toward its start), with the fullness of both pieces; the ends of the seam stay.",
  params: Type.Object({ piece: name(), edge: name(), by: amount() }, { additionalProperties: false }),
  apply: (draft, { piece, edge, by }) =>
    onBothEdges(draft, piece, edge, ({ part }) => (lines) => {
      const [from, to] = [lines[0]?.from, lines.at(-1)?.to];
      const toward = from && to ? unit(way(from, to)) : null;
      if (!toward) return ok([...lines]);
      const whole = lengthOfEdges(lines);
      const sign = part(0) === 0 ? 1 : -1;
      // Nothing at both ends, all of it in the middle, smooth at both.
      const wave = (mm: number) => (1 - Math.cos((2 * Math.PI * mm) / whole)) / 2;
      return ok(displaced(lines, (mm) => times(toward, sign * by * wave(mm)), { fromMm: 0, toMm: whole }));
    }),
});
