/** How a wanted leg length was met. */
export interface LegFit {
  /** 0 to 1: see `legCurve`. */
  readonly fullness: number;
  readonly reached: "met" | "tighter than any curve" | "longer than any curve";
}

/** The length is met to this, mm. */
const CLOSE_MM = 0.05;

/** Halvings after which the fullness is known to a millionth. */
const HALVINGS = 24;

/**
 * The fullness at which the leg comes to a length: longer with every bit of it.
 * @param lengthAt length of the whole leg edge at a fullness from 0 to 1, rising, mm.
 */
export function solveLeg(lengthAt: (fullness: number) => number, wantedMm: number): LegFit {
  if (wantedMm <= lengthAt(0)) {
    return { fullness: 0, reached: lengthAt(0) - wantedMm <= CLOSE_MM ? "met" : "tighter than any curve" };
  }
  if (wantedMm >= lengthAt(1)) {
    return { fullness: 1, reached: wantedMm - lengthAt(1) <= CLOSE_MM ? "met" : "longer than any curve" };
  }
  let [low, high] = [0, 1];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    const mm = lengthAt(middle);
    if (Math.abs(mm - wantedMm) <= CLOSE_MM) return { fullness: middle, reached: "met" };
    if (mm < wantedMm) low = middle;
    else high = middle;
  }
  return { fullness: (low + high) / 2, reached: "met" };
}
