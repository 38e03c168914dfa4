import type { LayerRole } from "../cloth/index.ts";
import type { ClothRole, Piece } from "../drafting/index.ts";

/** Which cloth pieces of a role are cut from: what covers an edge, or holds an elastic, from that of the garment where it has none of its own. */
const CLOTHS_FOR: Readonly<Record<ClothRole, readonly [LayerRole, ...LayerRole[]]>> = {
  ...{ shell: ["shell"], lining: ["lining"], net: ["net"], overlay: ["overlay"] },
  ...{ facing: ["facing", "shell"], casing: ["shell"] },
};

/**
 * The cloth a piece is cut from, of those a garment has. Cups, bridge and cradles have their own where the garment names one.
 * @param has the layers the garment has; of what it has none for, the cloth that would have to be named.
 */
export function clothFor({ role, part }: Pick<Piece, "role" | "part">, has: readonly LayerRole[]): LayerRole {
  if (role === "shell" && part && has.includes(part)) return part;
  const may = CLOTHS_FOR[role];
  return may.find((cloth) => has.includes(cloth)) ?? (may.at(-1) as LayerRole);
}
