import { describe, expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const third = demoPage("/jobs/7/prototypes/3/pieces");
const alone = demoPage("/jobs/7/prototypes/3/pieces?over=none");
const bare = demoPage("/jobs/2/prototypes/1/pieces");

describe("the pieces of a prototype", () => {
  it("come to the plan it froze, and every rule holds", async () => {
    const { table, text } = await third();
    expect(text("main")).toContain("Every rule holds");
    for (const [name, planned, pieces] of table("Girths of the pieces against the plan").slice(1))
      expect(Math.abs(numberIn(pieces) - numberIn(planned)), name).toBeLessThanOrEqual(0.1);
  });

  it("say what each change did to them, in the order they were drawn", async () => {
    expect((await third()).text("main")).toMatch(
      /Pools, small of the back.*decided, −\d+\.\d mm drawn.*centre of back: .*Loose, waist.*girth at waist/,
    );
  });

  it("lie over those of the prototype before, of another, or alone", async () => {
    expect((await third()).text("main")).toMatch(/as it was before; in colour: by how much it moved.*−2\.2 mm/);
    expect((await alone()).text("main")).not.toContain("Thin and broken");
    expect(Object.keys((await third()).links())).toEqual(
      expect.arrayContaining(["Alone", "Over prototype 1", "Over prototype 2", "Over prototype 4"]),
    );
  });

  it("can be given to one that was made without", async () => {
    expect((await bare()).text("main")).toContain("Made without pieces");
    expect((await bare()).buttons()).toContain("Draw them from its plan");
  });
});

it("what is cut next is drawn over what there is, with what it does", async () => {
  const page = await demoPage("/jobs/8/changes")();
  expect(page.text("main")).toContain("Old and new");
  expect(page.text("main")).toMatch(/Loose, waist.*girth at waist: .* to .*−13\.6 mm/);
});
