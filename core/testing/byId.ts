import type { Reckoning } from "../calculation/index.ts";

/** Numbers of a reckoning by their ids. */
export const byId = ({ numbers }: Pick<Reckoning, "numbers">): Record<string, number> =>
  Object.fromEntries(numbers.map(({ id, explanation }) => [id, explanation.result.value]));
