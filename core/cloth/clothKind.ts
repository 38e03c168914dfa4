/** How a cloth is made; elastics are tested and kept like cloth, their width being the strip. */
export type ClothKind = "knit" | "net" | "lace" | "woven" | "elastic";

/** All kinds in the order they are offered. */
export const CLOTH_KINDS: readonly ClothKind[] = ["knit", "net", "lace", "woven", "elastic"];
