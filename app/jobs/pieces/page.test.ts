import { describe, expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/1/pieces?pieces=plan");
const cut = demoPage("/jobs/1/pieces");
const onePiece = demoPage("/jobs/4/pieces");
const bare = demoPage("/jobs/3/pieces");
const strip = demoPage("/jobs/1/pieces?draw=stripPieces");

const rowsOf = async (open: typeof page, name: string) => (await open()).table(name);

it("draws every piece with its edges numbered as the list has them", async () => {
  const [head, ...rows] = await rowsOf(page, "Edges of the pieces");
  expect(head).toEqual(["Edge", "At rest, cm", "On the body, cm", "Finish", "Allowance", "Sewn to"]);
  const titles = rows.filter((cells) => cells.length === 1).map(([title]) => title);
  expect(titles).toEqual([
    "Front, cut 1 on the fold",
    "Back, cut 1 on the fold",
    "Gusset, cut 1 on the fold; changes with it: gusset lining",
    "Gusset lining, cut 1 on the fold; changes with it: gusset",
  ]);
});

it("comes to the plan at every level, and says which level is none", async () => {
  const [, ...rows] = await rowsOf(page, "Girths of the pieces against the plan");
  expect(rows.length).toBeGreaterThan(0);
  for (const [name, planned, pieces] of rows) expect(numberIn(pieces), name).toBeCloseTo(numberIn(planned), 1);
  expect((await page()).text("main")).toContain("Not all round, so not counted: hip.");
});

it("draws a side as long on the front as on the back", async () => {
  const [, ...rows] = await rowsOf(page, "Edges of the pieces");
  const sides = rows.filter(([edge]) => edge?.startsWith("2 Side")).map(([, mm]) => numberIn(mm));
  expect(sides[0]).toBe(sides[1]);
});

it("comes to the needed trunk loop", async () => {
  const [, ...rows] = await rowsOf(onePiece, "Girths of the pieces against the plan");
  const loop = rows.find(([name]) => name === "Trunk loop") ?? [];
  expect(numberIn(loop[2])).toBeCloseTo(numberIn(loop[1]), 1);
  expect(numberIn(loop[1])).toBeGreaterThan(140);
});

it("explains every number it is drawn by", async () => {
  const { terms, figures } = await page();
  const explained = Object.keys(figures());
  expect(Object.keys(terms()).length).toBeGreaterThan(5);
  expect(explained).toEqual(expect.arrayContaining(Object.keys(terms())));
  for (const name of ["Side of the front, at rest", "Side of the front, on the body", "Pieces at waist"])
    expect(explained).toContain(name);
});

it("lays garments that fit over the pieces, measure by measure", async () => {
  const [, ...rows] = await rowsOf(page, "Garments that fit over these pieces");
  const rises = rows.filter(([name]) => name === "Front rise");
  expect(rises).toHaveLength(2);
  for (const [, garment, pieces, off] of rises)
    expect(numberIn(off) / 10).toBeCloseTo(numberIn(pieces) - numberIn(garment), 1);
  expect(Object.keys((await page()).figures())).toContain("Front rise, against Grey everyday brief");
});

it("says what an option that is left empty comes to, where cloth or style decide it", async () => {
  expect((await page()).text("main")).toMatch(/No piece may be wider than it\. Empty: \d+ mm, as the cloth is\./);
});

it("says what is lacking where nothing can be drawn yet", async () => {
  expect((await bare()).text("main")).toContain("Needs a chosen school");
  expect((await strip()).text("main")).toContain("Still to be typed: finished width; finished length.");
});

const own = demoPage("/jobs/4/pieces?draw=ownPieces");

it("holds a pattern from elsewhere against the plan, and says where it is off", async () => {
  const [, ...rows] = await rowsOf(own, "Girths of the pieces against the plan");
  for (const [name, planned, pieces, off] of rows)
    expect(numberIn(off) / 10, name).toBeCloseTo(numberIn(pieces) - numberIn(planned), 1);
  expect(rows.map(([name, , , off]) => [name, off])).toEqual([
    ["Bust", "0 mm"],
    ["Waist", "0 mm"],
    ["Hip", "−20 mm"],
  ]);
  expect((await own()).text("main")).toContain("1 rule is broken");
});

it("has each edge of it with what it counts to and its seam, and every figure with its way", async () => {
  const [head, ...rows] = await rowsOf(own, "Edges of your own pattern");
  expect(head).toEqual(["Edge", "At rest, cm", "On the body, cm", "Counts to", "Seam"]);
  expect(rows).toContainEqual(["side", "36.2", "—", "—", "A, 6 mm eased in"]);
  const { fields, figures } = await own();
  expect(fields()).toMatchObject({ "edges[1].length": "168 mm", "edges[1].twice": "yes" });
  expect(Object.keys(figures())).toEqual(expect.arrayContaining(["waist line of Front, on the body", "Pieces at hip"]));
});

describe("once a prototype was cut", () => {
  it("shows its pieces as what is cut now, and says whose they are", async () => {
    const shown = await cut();
    expect(shown.text("main")).toMatch(/Pieces of prototype \d+, cut now/);
    expect(shown.text("main")).toContain("They change by what is decided at a fitting.");
    expect(Object.keys(shown.links())).toEqual(
      expect.arrayContaining(["Drawn anew from the plan", "what is cut next"]),
    );
  });

  it("has the options again where they are drawn anew from the plan", async () => {
    expect((await page()).text("main")).not.toContain("They change by what is decided at a fitting.");
    expect(Object.keys((await page()).fields())).toContain("back_leg");
  });
});
