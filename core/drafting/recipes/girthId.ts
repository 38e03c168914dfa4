import type { Zone } from "../../ease/index.ts";

/** A planned girth: of a zone of the ease plan, or of a level only boned garments have. */
export type GirthId = Zone | "midRib" | "lowerEdge";
