import type { Direction } from "./direction.ts";

/** What a layer is there for: of the whole garment, and of bras the outer cloth of some of its pieces alone. */
export const LAYER_ROLES = ["shell", "lining", "net", "overlay", "facing", "cups", "frame"] as const;

/** One of {@link LAYER_ROLES}. */
export type LayerRole = (typeof LAYER_ROLES)[number];

/** How each is called. */
export const LAYER_ROLE_NAMES: Readonly<Record<LayerRole, string>> = {
  ...{ shell: "shell", lining: "lining", net: "net", overlay: "overlay", facing: "facing" },
  ...{ cups: "cups", frame: "bridge and cradle" },
};

/** True for a layer that goes round the body with the others; cups and what carries them have a cloth of their own, and stretch apart from them. */
export const goesRound = ({ role }: { readonly role?: LayerRole }): boolean => role !== "cups" && role !== "frame";

/** One layer of a kept layup: which cloth, which way round the body. */
export interface KeptLayer {
  readonly clothId: number;
  readonly direction: Direction;
  readonly role: LayerRole;
}

/** Layers that act together in a zone, as the workshop keeps them; the outermost first. */
export interface KeptLayup {
  readonly id: number;
  readonly name: string;
  readonly notes: string;
  readonly layers: readonly KeptLayer[];
  readonly version: number;
}
