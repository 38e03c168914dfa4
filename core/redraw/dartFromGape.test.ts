import { expect, it } from "vitest";
import { NEW_DART } from "../cups/index.ts";
import { asCut, distance, edgeOf, operate, pieceOf, placeAlong, pointOf } from "../drafting/index.ts";
import { BRIEF_FACTS, sampleDraft } from "../testing/index.ts";
import { dartFromGape } from "./dartFromGape.ts";

const camisole = sampleDraft("camisole", {
  measures: { bust: 900, waist: 740, hip: 1000, apex_span: 190 },
  girths: { bust: 840, waist: 700, hip: 930 },
  lengths: { back_waist: 405, front_waist: 425, shoulder_to_apex: 258, waist_to_hip: 200 },
  options: { below_waist: 180, front_rise: 80 },
});
const working = {
  ...NEW_DART,
  ...{ from: "Armhole", into: "side seam", widthMm: 14, toApexMm: 84, newToApexMm: 130, stopMm: 15 },
};
const told = (own: Partial<typeof working>) => {
  const drawn = dartFromGape(camisole, { ...working, ...own });
  return "instead" in drawn ? drawn.instead : "";
};

it("pinches the edge where it lies as far from the apex as was measured, and opens the seam that was named", () => {
  const front = pieceOf(camisole, "front");
  const away = (edge: string, mm: number) => {
    const [place, apex] = [placeAlong(edgeOf(front, edge).lines, mm), pointOf(front, "apex")];
    return place && apex ? distance(place, apex) : Number.NaN;
  };
  const measured = { ...working, toApexMm: away("armhole", 75), newToApexMm: away("side", 62) };
  const drawn = dartFromGape(camisole, measured);
  if ("instead" in drawn) throw new Error(drawn.instead);
  const params = drawn.calls[0]?.params as Readonly<Record<string, number>>;
  expect(params).toMatchObject({ edge: "armhole", into: "side", width: 14, stop: 15 });
  expect(away("armhole", params.at ?? 0)).toBeCloseTo(measured.toApexMm, 0);
  expect(away("side", params.intoAt ?? 0)).toBeCloseTo(measured.newToApexMm, 0);
  const done = operate(camisole, drawn.calls);
  if (!done.ok) throw new Error(done.problem.message);
  expect(asCut(pieceOf(done.value.draft, "front")).drawnDarts).toHaveLength(1);
});

it("says what is missing: measures, an edge that is named, an apex", () => {
  expect(told({ toApexMm: null as never })).toContain("are measured");
  expect(told({ from: "buttonhole" })).toContain("name its edges: ");
  expect(told({ into: "armhole" })).toContain("do not name two of them");
  expect(dartFromGape(sampleDraft("brief", BRIEF_FACTS), working)).toMatchObject({
    instead: expect.stringContaining("no apex"),
  });
});
