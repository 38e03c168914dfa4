/** The interval is halved so often: far within a tenth of a millimetre. */
const HALVINGS = 16;

/**
 * The largest amount, up to one, with which something holds; null where it holds with none.
 * @param holds true at 0 wherever it holds at all, and for less of it wherever it holds for more.
 */
export function amountWithin(most: number, holds: (amount: number) => boolean): number | null {
  if (!holds(0)) return null;
  if (holds(most)) return most;
  let [low, high] = [0, most];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}
