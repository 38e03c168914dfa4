import type { Reckoning } from "../calculation/reckoning.ts";

/** Numbers of a reckoning by their ids. */
export const byId = ({ numbers }: Pick<Reckoning, "numbers">): Record<string, number> =>
  Object.fromEntries(numbers.map(({ id, explanation }) => [id, explanation.result.value]));
