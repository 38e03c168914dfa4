import type { ClothKind } from "./clothKind.ts";
import type { Direction } from "./direction.ts";
import { returnsBetter } from "./returns.ts";
import type { DirectionSummary } from "./summary.ts";

/**
 * What to say about a direction chosen to go round the body, against what the swatches showed; empty where nothing
 * speaks against it.
 */
export function adviseChoice(kind: ClothKind, summaries: readonly DirectionSummary[], chosen: Direction): string[] {
  const words: string[] = [];
  const own = summaries.find(({ direction }) => direction === chosen);
  const further = summaries.find(({ usable }) => own && usable > own.usable);
  const better = summaries.find((other) => own && other !== own && returnsBetter(other, own));
  if (own && further) words.push(`It is laid ${chosen} round the body, but stretches further ${further.direction}.`);
  if (own && better) words.push(`It is laid ${chosen} round the body, but returns better ${better.direction}.`);
  if (kind === "lace" && further) {
    words.push(
      `If the edge of the lace forces it ${chosen}, line it with a stable lining cut in its own right direction, and let the lining rule the fit.`,
    );
  }
  if (kind === "woven" && chosen === "bias")
    words.push("On the bias it grows under its own weight: hang it 24 h before hemming.");
  const look = own?.test.look;
  if (kind === "net" && look === "wide")
    words.push("Pulled this way the cells open wide; the way in which they draw narrow usually lasts longer.");
  return words;
}
