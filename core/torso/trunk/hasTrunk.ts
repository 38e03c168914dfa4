import type { Style } from "../../ease/index.ts";

/** True where a piece runs from shoulder to crotch, so that its trunk is compared. */
export const hasTrunk = ({ lengths }: Pick<Style, "lengths">): boolean => lengths.some(({ id }) => id === "trunk");
