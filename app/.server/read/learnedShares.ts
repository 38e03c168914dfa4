import { classRange } from "../../../core/cloth/index.ts";
import { type LearnedShares, learnByKind, type Prototype } from "../../../core/fitting/index.ts";
import type { Repositories } from "../../../data/store.ts";

/** What the workshop learnt from its own changes in cloth of the stretch class a prototype is made of. */
export async function learnedFor(
  { fittings }: Pick<Repositories, "fittings">,
  { frozen }: Pick<Prototype, "frozen">,
): Promise<LearnedShares> {
  return learnByKind(await fittings.outcomesIn(classRange(frozen.stretch.usable)));
}
