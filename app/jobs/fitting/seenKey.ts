import type { Remedy } from "../../../core/fitting/index.ts";

/** Name of the field for the amount of one part of a remedy. */
export const partField = (partId: string): string => `part.${partId}`;

/** What a maker was shown of a remedy when a word on it was begun, to be sent along: its id and amounts, to 0.1 mm. */
export const seenKey = (remedy: Pick<Remedy, "id" | "amountMm" | "parts"> | null): string =>
  remedy === null
    ? "none"
    : [remedy.id, remedy.amountMm, ...remedy.parts.map(({ amountMm }) => amountMm)]
        .map((one) => (typeof one === "number" ? one.toFixed(1) : (one ?? "–")))
        .join(" ");
