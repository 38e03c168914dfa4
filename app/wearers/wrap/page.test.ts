import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/wraps/1");

it("holds the wrap against the tape: it stands off in every hollow", async () => {
  const [head, ...rows] = (await page()).table("The wrap against the tape");
  expect(head?.slice(0, 4)).toEqual(["", "Wrap", "Taped", "Wrap over tape"]);
  for (const [what, wrap, taped, over] of rows) {
    expect(numberIn(over) / 10, what).toBeCloseTo(numberIn(wrap) - numberIn(taped), 1);
    expect(numberIn(over), what).toBeGreaterThan(0);
  }
});

it("holds each planned garment against the wrap", async () => {
  expect((await page()).table("The wrap against the tape")[2]?.slice(4)).toEqual(["−105 mm", "−93 mm"]);
});

it("checks the seams: equal within 2 mm, or by how much not", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("A: Side front 39.6 cm against Side back 39.5 cm, equal.");
  expect(text).toContain("B: Centre back 40.2 cm against Side back 40.7 cm: −5 mm. Within 2 mm is wanted");
});

it("has its edges with what each counts to, twice where it stands for both sides", async () => {
  expect((await page()).fields()).toMatchObject({
    "edges[0].piece": "Centre front",
    "edges[0].length": "122 mm",
    "edges[0].counts": "bust",
    "edges[0].twice": "yes",
  });
});
