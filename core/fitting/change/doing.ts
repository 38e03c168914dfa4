import type { Change } from "./change.ts";

/** How a piece is changed: always with its direction. */
export type Doing =
  | "spread"
  | "overlap"
  | "letOut"
  | "takeIn"
  | "longer"
  | "shorter"
  | "up"
  | "down"
  | "centre"
  | "side"
  | "raise"
  | "lower"
  | "widen"
  | "narrow"
  | "work";

/** What is done, as an order with its direction; the amount stands behind it. */
export const DOING_WORDS: Readonly<Record<Doing, string>> = {
  spread: "Cut apart and spread, longer by",
  overlap: "Fold out, shorter by",
  letOut: "Let out",
  takeIn: "Take in",
  longer: "Lengthen by",
  shorter: "Shorten by",
  up: "Move up",
  down: "Move down",
  centre: "Move toward the centre",
  side: "Move toward the side",
  raise: "Raise by",
  lower: "Lower by",
  widen: "Widen by",
  narrow: "Narrow by",
  work: "Do",
};

/** All ways of changing a piece. */
export const DOINGS = Object.keys(DOING_WORDS) as readonly Doing[];

/** Wire remedies that are not simply longer or shorter. */
const WIRES: Readonly<Record<string, Doing>> = {
  "wire-tissue": "raise",
  "wire-pokes": "shorter",
  "wire-floats": "widen",
};

/** What is done by a signed amount, with its direction; a point's direction is the name of its part. */
export function doingOf({ on, amountMm, remedy }: Pick<Change, "on" | "amountMm" | "remedy">, part = ""): Doing {
  const less = (amountMm ?? 0) < 0;
  if (on === "length") return less ? "overlap" : "spread";
  if (on === "line") return less ? "up" : "down";
  if (on === "point") return part === "down" || part === "centre" || part === "side" ? part : "up";
  if (on === "elastic") return less ? "shorter" : "longer";
  if (on === "wire") return WIRES[remedy] ?? (less ? "shorter" : "longer");
  return less ? "takeIn" : "letOut";
}
