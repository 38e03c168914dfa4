import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, sampleDraft } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import { type Edge, lengthNearest, lengthOfEdges, placeAlong, point, straight } from "../geometry/index.ts";
import { pieceOf } from "../measured.ts";
import { edgeOf } from "../piece/index.ts";
import { operate } from "./operations.ts";
import { areaBetween, laidOver, stationsOf, type Traced } from "./trace.ts";

const LINE: readonly Edge[] = [straight(point(0, 0), point(200, 0))];
/** An arc of a circle over a chord of 200, so high in its middle. */
const arc = (high: number): Traced => {
  const radius = (100 ** 2 + high ** 2) / (2 * high);
  return Array.from({ length: 21 }, (_, at) => {
    const along = at * 10;
    return { along, off: Math.sqrt(radius ** 2 - (along - 100) ** 2) - (radius - high) };
  });
};
const laid = (points: Traced, lines = LINE) => {
  const done = laidOver(lines, points);
  if (!done.ok) throw new Error(done.problem.message);
  return done.value;
};

describe("a traced curve over an edge", () => {
  it("lies on its ends, and off it by what was read, to the right of the way along", () => {
    const curve = laid(arc(30));
    expect(curve[0]?.from).toEqual({ x: 0, y: 0 });
    expect(curve.at(-1)?.to.x).toBeCloseTo(200, 9);
    expect(placeAlong(curve, lengthOfEdges(curve) / 2)?.y).toBeCloseTo(30, 3);
  });

  it("differs from it by the segment of the circle, and at stations by its height", () => {
    const [curve, radius] = [laid(arc(30)), (100 ** 2 + 30 ** 2) / 60];
    const angle = 2 * Math.asin(100 / radius);
    // Inside the piece: below 0.
    expect(areaBetween(LINE, curve)).toBeCloseTo(-(radius ** 2 / 2) * (angle - Math.sin(angle)), 0);
    const stations = stationsOf(LINE, curve, 3);
    expect(stations[1]).toEqual({ alongMm: 100, offMm: expect.closeTo(-30, 2) });
    expect(stations[0]?.offMm).toBeCloseTo(stations[2]?.offMm ?? 0, 6);
  });

  it("is turned with the edge, and stretched to it by a little", () => {
    const upright = [straight(point(10, 20), point(10, 230))];
    const curve = laid(arc(30), upright);
    expect(curve.at(-1)?.to.y).toBeCloseTo(230, 9);
    expect(placeAlong(curve, lengthOfEdges(curve) / 2)?.x).toBeCloseTo(10 - 30, 2);
  });

  it("of another edge, or with places that go back, is refused with what was expected", () => {
    expect(laidOver([straight(point(0, 0), point(120, 0))], arc(20))).toMatchObject({
      problem: { code: "curve-does-not-fit", message: expect.stringContaining("about 120 mm") },
    });
    const back = [...arc(20).slice(0, 5), { along: 5, off: 3 }, ...arc(20).slice(5)];
    expect(laidOver(LINE, back)).toMatchObject({ problem: { code: "curve-unordered" } });
  });
});

describe("an edge brought to a traced curve", () => {
  const brief = sampleDraft("brief", BRIEF_FACTS);
  const leg = edgeOf(pieceOf(brief, "front"), "leg").lines;
  /** What a ruler would read along the leg, hollower by so much in the middle. */
  const hollower = (byMm: number): Traced => {
    const [from, to] = [leg[0]?.from ?? point(0, 0), leg.at(-1)?.to ?? point(0, 0)];
    const chord = Math.hypot(to.x - from.x, to.y - from.y);
    const [ux, uy] = [(to.x - from.x) / chord, (to.y - from.y) / chord];
    const whole = lengthOfEdges(leg);
    return Array.from({ length: 25 }, (_, at) => {
      const place = placeAlong(leg, (whole * at) / 24) ?? from;
      const [x, y] = [place.x - from.x, place.y - from.y];
      const bulge = byMm * Math.sin((Math.PI * at) / 24) ** 2;
      return { along: x * ux + y * uy, off: y * ux - x * uy + bulge };
    });
  };
  const traced = (share: number, points = hollower(12)) =>
    operate(brief, [{ operation: "trace", params: { piece: "front", edge: "leg", points, share } }]);

  it("goes the whole way in its middle, and stays at its ends with its corners", () => {
    const done = traced(1);
    if (!done.ok) throw new Error(done.problem.message);
    const now = edgeOf(pieceOf(done.value.draft, "front"), "leg").lines;
    const middle = placeAlong(leg, lengthOfEdges(leg) / 2) ?? point(0, 0);
    const nearest = placeAlong(now, lengthNearest(now, middle)) ?? point(0, 0);
    expect(Math.hypot(nearest.x - middle.x, nearest.y - middle.y)).toBeCloseTo(12, 0);
    expect(now[0]?.from).toEqual(leg[0]?.from);
    expect(now.at(-1)?.to).toEqual(leg.at(-1)?.to);
    const broken = checkDraft(done.value.draft).filter(({ ok, id }) => !ok && id !== "elasticsTakeUp");
    expect(broken).toEqual([]);
  });

  it("in two steps comes as far as in one, and by none of it stays where it was", () => {
    const area = (share: number) => {
      const done = traced(share);
      if (!done.ok) throw new Error(done.problem.message);
      return areaBetween(leg, edgeOf(pieceOf(done.value.draft, "front"), "leg").lines);
    };
    expect(area(0.5) / area(1)).toBeCloseTo(0.5, 1);
    expect(area(0)).toBeCloseTo(0, -0.5);
  });
});
