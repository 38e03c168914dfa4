import { SIDE } from "./outline.ts";

/** How far the side of the trunk lies from its middle at a height of the field; above the armpit as there. */
export function bodyHalf(y: number): number {
  const [first] = SIDE;
  const at = SIDE.findIndex(([, height]) => height >= y);
  const [after, before] = [SIDE[at], SIDE[at - 1]];
  if (!first || at === 0) return first?.[0] ?? 0;
  if (!after || !before) return SIDE.at(-1)?.[0] ?? 0;
  return before[0] + ((after[0] - before[0]) * (y - before[1])) / (after[1] - before[1]);
}
