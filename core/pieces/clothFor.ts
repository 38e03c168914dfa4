import type { LayerRole } from "../cloth/index.ts";
import type { ClothRole } from "../drafting/index.ts";

/** Which cloth pieces of a role are cut from: what covers an edge, or holds an elastic, from that of the garment. */
export const CLOTH_FOR: Readonly<Record<ClothRole, LayerRole>> = {
  ...{ shell: "shell", lining: "lining", net: "net", overlay: "overlay", facing: "shell", casing: "shell" },
};

/** The roles of the pieces that are cut from a cloth. */
export const rolesCutFrom = (cloth: LayerRole): readonly ClothRole[] =>
  (Object.keys(CLOTH_FOR) as ClothRole[]).filter((role) => CLOTH_FOR[role] === cloth);
