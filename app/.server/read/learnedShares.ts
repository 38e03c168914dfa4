import { classRange } from "../../../core/cloth/stretchClass.ts";
import { type LearnedShares, learnByKind } from "../../../core/fitting/learnShare.ts";
import type { Prototype } from "../../../core/fitting/prototype.ts";
import type { Repositories } from "../../../data/store.ts";

/** What the workshop learnt from its own changes in cloth of the stretch class a prototype is made of. */
export async function learnedFor(
  { fittings }: Pick<Repositories, "fittings">,
  { frozen }: Pick<Prototype, "frozen">,
): Promise<LearnedShares> {
  return learnByKind(await fittings.outcomesIn(classRange(frozen.stretch.usable)));
}
