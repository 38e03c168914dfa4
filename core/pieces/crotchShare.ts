import type { Draft } from "../drafting/index.ts";
import type { Term } from "../explain/index.ts";

/** The part of a gusset that lies before the crotch point, as it was drawn; null where pieces have none. */
export const crotchShare = ({ numbers }: Pick<Draft, "numbers">): Term | null =>
  numbers.find(({ id }) => id === "front.centre")?.explanation.terms.find(({ symbol }) => symbol === "p") ?? null;
