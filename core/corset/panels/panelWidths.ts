import { fail, ok, type Result } from "../../result.ts";
import { type EdgeParts, type SeamWeightsId, seamWeights } from "./weights/index.ts";

/** How one side of a boned garment is parted into panels, from the centre front to the centre back. */
export interface PanelPlan<Level extends string = string> {
  /** Part of the half girth of each panel at the base, together 1. */
  readonly shares: readonly number[];
  /** Pattern girths at each level, mm. */
  readonly girthsMm: Readonly<Record<Level, number>>;
  /** The straightest level, at which the shares hold. */
  readonly base: Level;
  readonly weights: SeamWeightsId;
  /** The maker's own weights, one a seam. */
  readonly own?: readonly number[];
  /** How many panels lie before the side seam. */
  readonly sideSeam: number;
}

/** One panel at one level, mm. */
export interface PanelAt {
  readonly widthMm: number;
  /** By how much its front and its back edge lie outside their place at the base: 0 at the centres, which stay straight. */
  readonly frontMm: number;
  readonly backMm: number;
}

/** Panels of one side, level by level, from the front. */
export type Panels<Level extends string = string> = Readonly<Record<Level, readonly PanelAt[]>>;

/** Shares together are 1 to this; typed to a tenth of a per cent they may miss it by their rounding. */
const SHARES_CLOSE = 0.002;

/**
 * Widths of every panel at every level, mm of one half.
 *
 * @returns them; or `shares-do-not-sum`, `share-outside`, `side-seam-outside`, `weights-count`, `weights-outside`, `no-width-left` where a
 *   panel would have none at a level.
 */
export function panelWidths<Level extends string>(plan: PanelPlan<Level>): Result<Panels<Level>> {
  const wrong = wrongPlan(plan);
  if (wrong) return wrong;
  const { shares, girthsMm, base, sideSeam, own } = plan;
  const seams = { panels: shares.length, sideSeam, ...(own ? { own } : {}) };
  const parts = seamWeights(plan.weights).edgeParts(seams);
  const levels = Object.keys(girthsMm) as Level[];
  const widths = Object.fromEntries(
    levels.map((level) => [level, panelsAt(girthsMm[level], girthsMm[base], shares, parts)]),
  );
  for (const level of levels) {
    const at = (widths[level] ?? []).findIndex(({ widthMm }) => !(widthMm > 0));
    if (at !== -1)
      return fail(
        "no-width-left",
        `Expected panel ${at + 1} to have a width at the ${level}, but nothing of it is left there: share it wider, or lay less on its seams.`,
      );
  }
  return ok(widths as unknown as Panels<Level>);
}

function panelsAt(girthMm: number, baseMm: number, shares: readonly number[], parts: readonly EdgeParts[]): PanelAt[] {
  const differenceMm = (girthMm - baseMm) / 2;
  return shares.map((share, at) => {
    // Nothing of a negative difference is nothing, and not less than it.
    const [frontMm, backMm] = [(parts[at - 1]?.[1] ?? 0) * differenceMm + 0, (parts[at]?.[0] ?? 0) * differenceMm + 0];
    return { widthMm: (share * baseMm) / 2 + frontMm + backMm, frontMm, backMm };
  });
}

function wrongPlan({ shares, sideSeam, weights, own = [] }: PanelPlan): ReturnType<typeof fail> | null {
  const sum = shares.reduce((total, share) => total + share, 0);
  const small = shares.find((share) => !(share > 0));
  if (small !== undefined) return fail("share-outside", `Expected every share to be above 0, but got ${small}.`);
  if (Math.abs(sum - 1) > SHARES_CLOSE)
    return fail(
      "shares-do-not-sum",
      `Expected the shares to be 100 % together, but they are ${(100 * sum).toFixed(1)} %.`,
    );
  if (!(Number.isInteger(sideSeam) && sideSeam >= 1 && sideSeam < shares.length))
    return fail(
      "side-seam-outside",
      `Expected 1 to ${shares.length - 1} panels before the side seam, but got ${sideSeam}.`,
    );
  if (weights !== "own") return null;
  if (own.length !== shares.length - 1)
    return fail("weights-count", `Expected ${shares.length - 1} weights, one a seam, but got ${own.length}.`);
  return own.every((weight) => weight >= 0) && own.some((weight) => weight > 0)
    ? null
    : fail("weights-outside", "Expected weights of 0 or more, one of them above 0.");
}
