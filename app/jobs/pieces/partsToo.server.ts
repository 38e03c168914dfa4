import type { Style } from "../../../core/ease/index.ts";
import { choicesDrawn } from "../../../core/parts/index.ts";
import type { PiecesId } from "../../../core/pieces/index.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import type { Repositories } from "../../../data/store.ts";

/** Keeps with the options of pieces what they decide about the garment's parts, in the same transaction. */
export async function keepPartsToo(
  { workings }: Repositories,
  jobId: number,
  {
    id,
    style,
    before,
    now,
  }: { readonly id: PiecesId; readonly style: Style; readonly before: object; readonly now: object },
): Promise<void> {
  const { working, texts, version } = await workings.find(jobId, "parts");
  const decided = choicesDrawn(id, { before: { ...before }, now: { ...now } }, { choices: working, style });
  if (Object.keys(decided).length === 0) return;
  savedOrThrow(await workings.save(jobId, "parts", { working: { ...working, ...decided }, texts, version }));
}
