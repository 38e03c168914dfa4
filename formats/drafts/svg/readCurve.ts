import {
  distance,
  lengthOfEdges,
  type Point,
  placeAlong,
  type Traced,
  unit,
  way,
} from "../../../core/drafting/index.ts";
import { fail, ok, type Result } from "../../../core/result.ts";
import { linesOfSvg } from "./readSvg.ts";

/** A line of a file is read off in so many places. */
const PLACES = 24;

/**
 * Reads a curve from an SVG, as it was traced: its one open line, off the straight line between its ends.
 * @param unitMm millimetres of its unit, where the file itself does not say one.
 * @returns its places; what {@link linesOfSvg} refuses; or `curve-not-one` where it has no open line, or several.
 */
export function readCurveSvg(text: string, unitMm?: number): Result<Traced> {
  const read = linesOfSvg(text, unitMm);
  if (!read.ok) return read;
  const open = read.value.filter(({ closed }) => !closed);
  const [line] = open;
  if (!line || open.length > 1)
    return fail(
      "curve-not-one",
      `Expected one open line, the traced curve, but the file has ${open.length === 0 ? "none" : open.length}.`,
    );
  const whole = lengthOfEdges(line.lines);
  const places = Array.from({ length: PLACES + 1 }, (_, at) => placeAlong(line.lines, (whole * at) / PLACES) as Point);
  const [from, to] = [places[0], places.at(-1)];
  const toward = from && to ? unit(way(from, to)) : null;
  if (!from || !to || !toward || distance(from, to) === 0)
    return fail("curve-not-one", "Expected a curve that goes from one place to another, but its ends meet.");
  return ok(
    places.map((place) => {
      const by = way(from, place);
      return {
        along: rounded(by.x * toward.x + by.y * toward.y),
        off: rounded(toward.x * by.y - toward.y * by.x),
      };
    }),
  );
}

/** A traced line is no finer than a tenth of a millimetre. */
const rounded = (mm: number): number => Math.round(mm * 10) / 10 || 0;
