import { type RingId, ringKey } from "../../../core/fitting/index.ts";

/** Names of the fields of a girth and of a length as sewn. */
export const ringField = (ring: RingId): string => `ring.${ringKey(ring)}`;
export const sewnLengthField = (lengthId: string): string => `length.${lengthId}`;
