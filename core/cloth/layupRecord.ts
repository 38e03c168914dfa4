import type { Direction } from "./direction.ts";

/** What a layer is there for. */
export const LAYER_ROLES = ["shell", "lining", "net", "overlay", "facing"] as const;

/** One of {@link LAYER_ROLES}. */
export type LayerRole = (typeof LAYER_ROLES)[number];

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
