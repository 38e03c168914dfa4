/** Things in a fixed order with their numbers from 1, which then serve as their keys. */
export const numbered = <T extends object>(things: readonly T[]): (T & { readonly number: number })[] =>
  things.map((thing, index) => ({ ...thing, number: index + 1 }));

/** The whole numbers from 1 to a number. */
export const upTo = (last: number): number[] => Array.from({ length: last }, (_, index) => index + 1);
