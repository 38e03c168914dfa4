import { expect, it } from "vitest";
import { foundBy, measured } from "../../testing/index.ts";
import { CATALOGUE, sidesOf } from "../catalogue/index.ts";

const everything = CATALOGUE.flatMap((measure) =>
  sidesOf(measure).map((side) => measured(measure.code, (measure.rangeMm[0] + measure.rangeMm[1]) / 2, side)),
);

it("marks exactly what the catalogue says needs a helper, on a self-measured sheet", () => {
  const marked = foundBy("body.helper", everything, true).map(({ code }) => code);
  expect([...new Set(marked)]).toEqual(CATALOGUE.filter(({ helper }) => helper).map(({ code }) => code));
  expect(marked).toContain("trunk_loop");
  expect(marked).not.toContain("waist");
});

it("marks nothing where somebody measured", () => {
  expect(foundBy("body.helper", everything)).toEqual([]);
});
