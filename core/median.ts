/**
 * The middle value; of an even number of values, the mean of the two in the middle.
 * @param numbers one or more, in any order.
 */
export function median(numbers: readonly number[]): number {
  const sorted = numbers.toSorted((a, b) => a - b);
  const middle = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(middle)] as number) + (sorted[Math.ceil(middle)] as number)) / 2;
}
