import { NO_PATTERN, type OwnPattern, PIECES, type PiecesId, type SetOptions } from "../../core/pieces/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";

/** Keeps the options of a job's pieces; what is not named is as usual. */
export async function drawPieces(
  { workings }: Pick<Repositories, "workings">,
  jobId: number,
  id: PiecesId,
  options: SetOptions = {},
): Promise<void> {
  const working = { ...PIECES[id].fresh, ...options };
  savedOrThrow(await workings.save(jobId, id, { working, texts: {}, version: 0 }));
}

/** Keeps a pattern that is not drawn here. */
export async function keepPattern(
  { workings }: Pick<Repositories, "workings">,
  jobId: number,
  pattern: Partial<OwnPattern>,
): Promise<void> {
  savedOrThrow(
    await workings.save(jobId, "ownPieces", { working: { ...NO_PATTERN, ...pattern }, texts: {}, version: 0 }),
  );
}
