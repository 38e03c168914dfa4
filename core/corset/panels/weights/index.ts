import { even } from "./even.ts";
import { halves } from "./halves.ts";
import { own } from "./own.ts";
import type { SeamWeights, SeamWeightsId } from "./seamWeights.ts";
import { sideLed } from "./sideLed.ts";

/** Every way; adding one is adding a file and a line here. */
export const SEAM_WEIGHTS: readonly SeamWeights[] = [even, sideLed, halves, own];

const BY_ID: Readonly<Record<SeamWeightsId, SeamWeights>> = { even, sideLed, halves, own };

/** A way by its id. */
export const seamWeights = (id: SeamWeightsId): SeamWeights => BY_ID[id];

export type { EdgeParts, SeamWeights, SeamWeightsId, SideSeams } from "./seamWeights.ts";
