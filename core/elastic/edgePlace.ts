import type { Zone } from "../ease/index.ts";

/** Where elastic goes round an edge, with what part of the edge it is made where nothing else is set: a habit, not a law. */
export interface EdgePlace {
  readonly id: string;
  readonly name: string;
  readonly ratio: number;
  /** The zone whose bands its pressure is judged by; at every edge but the waist and the underbust it stops where others are firm. */
  readonly judgedAs: Zone;
}

/** Edges where a vessel may run close under the skin, or tissue is cut into: they are judged as a leg is. */
const CUTS_IN = "leg" as const;

/** Every place, in the order they are sewn; adding one is adding a line. */
export const EDGE_PLACES = [
  { id: "legFront", name: "leg, front", ratio: 1, judgedAs: CUTS_IN },
  { id: "legBack", name: "leg, back", ratio: 0.88, judgedAs: CUTS_IN },
  { id: "waist", name: "waist", ratio: 0.92, judgedAs: "waist" },
  { id: "lowWaist", name: "low scoop waist", ratio: 0.9, judgedAs: "waist" },
  { id: "neckStraight", name: "straight or scooped neckline", ratio: 0.96, judgedAs: CUTS_IN },
  { id: "neckDeep", name: "V or deep neckline", ratio: 0.9, judgedAs: CUTS_IN },
  { id: "armhole", name: "armhole", ratio: 0.95, judgedAs: CUTS_IN },
  { id: "underbust", name: "underbust band casing", ratio: 0.9, judgedAs: "underbust" },
  { id: "cutOut", name: "cut-out or open back", ratio: 0.92, judgedAs: CUTS_IN },
] as const satisfies readonly EdgePlace[];

/** One of {@link EDGE_PLACES}. */
export type EdgePlaceId = (typeof EDGE_PLACES)[number]["id"];

/** A place by its name. @throws RangeError where there is none: whoever asks has read it from the list. */
export function edgePlaceOf(id: EdgePlaceId): EdgePlace {
  const place = EDGE_PLACES.find((one) => one.id === id);
  if (!place) throw new RangeError(`There is no edge ${id}.`);
  return place;
}
