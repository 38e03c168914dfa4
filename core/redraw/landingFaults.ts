import type { CheckAnswer, Draft } from "../drafting/index.ts";
import { hasLanded, LANDS_MM } from "./landing.ts";
import type { RedrawnStep } from "./redraw.ts";

/** The rule that decided changes are held against, beside those of pieces. */
const RULE = "changesLand";

/**
 * Each change of each piece against what was decided for it, edge by edge and level by level: the sum of the pieces may come to the plan,
 * and none of them to its part.
 * @returns one answer where all hold, else one a change and piece that does not; none where nothing was drawn.
 */
export function landingFaults({ pieces }: Pick<Draft, "pieces">, steps: readonly RedrawnStep[]): CheckAnswer[] {
  const all = steps.flatMap(({ lands = [] }) => lands);
  if (all.length === 0) return [];
  const missed = all.filter((one) => !hasLanded(one));
  if (missed.length === 0)
    return [{ id: RULE, ok: true, message: `Every change lies where it was decided, within ${LANDS_MM} mm.` }];
  return missed.map(({ piece, measure, of, byMm, cameMm }) => {
    const own = pieces.find(({ id }) => id === piece);
    const came = cameMm === null ? "it cannot be measured there" : `it came to ${cameMm.toFixed(1)} mm`;
    return {
      ...{ id: RULE, ok: false, piece },
      ...(own?.edges.some(({ id }) => id === of) ? { edge: of } : {}),
      message: `Expected ${of} of ${own?.name.toLowerCase() ?? piece} to change by the ${byMm.toFixed(1)} mm decided (${measure}), but ${came}.`,
    };
  });
}
