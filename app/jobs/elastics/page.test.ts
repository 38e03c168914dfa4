import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const [onePiece, bottom, brief] = [
  demoPage("/jobs/4/elastics"),
  demoPage("/jobs/2/elastics"),
  demoPage("/jobs/8/elastics"),
];

const column = (rows: readonly (readonly string[])[], name: string, school: number): number =>
  numberIn(rows.find(([head]) => head?.startsWith(name))?.[school] ?? "");

it("holds four schools beside one another, with the one that was chosen marked", async () => {
  const page = await onePiece();
  const [head, ...rows] = page.table("Leg edge, by four schools");
  expect(head).toEqual(["", "By feel", "By ratio", "By tension ✓", "By the pattern's chart"]);
  expect(column(rows, "Of the edge", 1)).toBe(100);
  // By tension it presses with what was asked for, and what it is cut follows from its worn strain.
  expect(column(rows, "Presses", 3)).toBeCloseTo(0.3, 6);
  const bodyCm = numberIn(/at rest, (\d+\.\d) cm on the body/.exec(page.text("main"))?.[1] ?? "");
  const worn = 1 + column(rows, "Worn, stretched", 3) / 100;
  expect(column(rows, "Cut", 3)).toBeCloseTo(bodyCm / worn + 1, 1);
});

it("cuts by the chart what the chart has at the size that was chosen, and a join", async () => {
  const [, ...rows] = (await bottom()).table("Waist, by four schools");
  expect(column(rows, "Cut", 4)).toBeCloseTo(67.8 + 1, 5);
  const [, ...legs] = (await bottom()).table("Leg edge, by four schools");
  expect(column(legs, "Cut", 4)).toBeCloseTo(57.4 + 1, 5);
});

it("adds up what is bought, with 8 % spare", async () => {
  const [, ...rows] = (await onePiece()).table("Elastics to buy");
  expect(rows.map(([name]) => name)).toEqual(["Picot edge 10", "Plush band elastic 12"]);
  for (const [name, , , cut, buy] of rows) expect(numberIn(buy ?? ""), name).toBeCloseTo(1.08 * numberIn(cut ?? ""), 0);
});

it("says by how much an edge has moved since it was kept, and what that does to its elastic", async () => {
  expect((await brief()).text("main")).toMatch(
    /The waist is \d+ mm shorter than when this was kept \(661 mm\)\. Its elastic is now cut \d+ mm shorter\./,
  );
});

it("goes by the pieces of the newest prototype, says so, and by others where they are asked for", async () => {
  const [now, first, anew] = [brief, demoPage("/jobs/8/elastics?pieces=1"), demoPage("/jobs/8/elastics?pieces=plan")];
  const places = ["Pieces of prototype 3, cut now", "Pieces of prototype 1", "Drawn anew from the plan"];
  for (const open of [now, first, anew])
    expect(Object.keys((await open()).links())).toEqual(expect.arrayContaining(places));
  const waist = async (open: typeof brief) => column((await open()).table("Waist, by four schools").slice(1), "Cut", 1);
  // The waist was taken in, let out and taken in again: each prototype has its own.
  expect(await waist(now)).not.toBeCloseTo(await waist(first), 1);
  expect(await waist(anew)).not.toBeCloseTo(await waist(now), 1);
});

it.each([2, 8])("cuts one waist elastic in job %d, which Torso names too", async (job) => {
  const page = await demoPage(`/jobs/${job}/elastics`)();
  const [head, ...rows] = page.table("Waist, by four schools");
  const chosen = head?.findIndex((name) => name.endsWith("✓")) ?? -1;
  const torso = (await demoPage(`/jobs/${job}/torso`)()).figures();
  expect(numberIn(torso["Waist elastic, cut"])).toBeCloseTo(column(rows, "Cut", chosen), 5);
});
