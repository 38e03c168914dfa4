import type { ClothSettings } from "../../../core/cloth/index.ts";
import { type EaseSettings, type LikedOnBody, likedOnBody } from "../../../core/ease/index.ts";
import type { Repositories } from "../../../data/store.ts";

/** The wearer's garments that fit, each on the body of its nearest sheet and in its own cloth. */
export async function readLiked(
  { liked, sheets, cloths }: Pick<Repositories, "liked" | "sheets" | "cloths">,
  wearerId: number,
  { ease, cloth: clothSettings }: { ease: EaseSettings; cloth: ClothSettings },
): Promise<LikedOnBody[]> {
  const garments = await liked.ofWearer(wearerId);
  if (garments.length === 0) return [];
  const taken = await sheets.ofWearer(wearerId);
  const shelf = await cloths.findAll(garments.flatMap(({ clothId }) => clothId ?? []));
  return garments.map((garment) => {
    const cloth = shelf.find(({ id }) => id === garment.clothId);
    const layer = cloth ? { cloth, tests: cloth.tests, direction: garment.direction } : null;
    return likedOnBody(garment, taken, layer, { fingerAllowanceMm: ease.fingerAllowanceMm, cloth: clothSettings });
  });
}
