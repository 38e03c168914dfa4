import type { LayerRole } from "../cloth/index.ts";
import type { ClothRole, Piece } from "../drafting/index.ts";

/** Which cloth pieces of a role are cut from: what covers an edge, or holds an elastic, from that of the garment where it has none of its own. */
const CLOTHS_FOR: Readonly<Record<ClothRole, { readonly own: LayerRole; readonly otherwise: LayerRole }>> = {
  shell: { own: "shell", otherwise: "shell" },
  lining: { own: "lining", otherwise: "lining" },
  net: { own: "net", otherwise: "net" },
  overlay: { own: "overlay", otherwise: "overlay" },
  facing: { own: "facing", otherwise: "shell" },
  casing: { own: "shell", otherwise: "shell" },
};

/**
 * The cloth a piece is cut from, of those a garment has. Cups, bridge and cradles have their own where the garment names one.
 * @param has the layers the garment has; of what it has none for, the cloth that would have to be named.
 */
export function clothFor({ role, part }: Pick<Piece, "role" | "part">, has: readonly LayerRole[]): LayerRole {
  if (role === "shell" && part && has.includes(part)) return part;
  const { own, otherwise } = CLOTHS_FOR[role];
  return has.includes(own) ? own : otherwise;
}
