import { Bezier } from "bezier-js";
import { asCurved, type Edge, placesOf } from "./edge.ts";
import { times } from "./point.ts";

/** An edge for the library of curves, brought to the size of one: its limits are absolute. */
export const bezierOf = (edge: Edge, size: number): Bezier =>
  new Bezier(placesOf(asCurved(edge)).map((place) => times(place, 1 / size)));
