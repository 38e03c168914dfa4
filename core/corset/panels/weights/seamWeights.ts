/** Ways of laying a difference in girth on the seams of a side. */
export type SeamWeightsId = "even" | "sideLed" | "halves" | "own";

/** The seams of one side: n panels, m of them before the side seam. */
export interface SideSeams {
  readonly panels: number;
  readonly sideSeam: number;
  /** The maker's own weights, one a seam from the front; only looked at by `own`. */
  readonly own?: readonly number[];
}

/** What the two edges of one seam take of a difference, as parts of it: of the panel before it, of the panel behind it. */
export type EdgeParts = readonly [before: number, behind: number];

/** One way. Adding one is adding a file and a line in the index. */
export interface SeamWeights {
  readonly id: SeamWeightsId;
  readonly name: string;
  readonly summary: string;
  /** The parts of every seam from the front, together 1. */
  edgeParts(seams: SideSeams): readonly EdgeParts[];
}

/** The parts of weights seam by seam, half of each on either edge. */
export const halved = (weights: readonly number[]): EdgeParts[] => {
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => [weight / sum / 2, weight / sum / 2]);
};

/** Numbers of the seams of a side, from the front. */
export const seamNumbers = ({ panels }: Pick<SideSeams, "panels">): number[] =>
  Array.from({ length: panels - 1 }, (_, at) => at + 1);
