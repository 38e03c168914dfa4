import { describe, expect, it } from "vitest";
import { demoStore } from "../../../data/testing/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { demoPage } from "../../testing/openPage.tsx";
import { postTo } from "../../testing/postTo.ts";

const ADDRESS = "/jobs/2/sewing";
const FOREIGN = ["/jobs/99/sewing"];

itActs([
  {
    does: "ticks a step",
    address: ADDRESS,
    right: { intent: "done", step: "sides", on: "yes" },
    gives: ADDRESS,
    wrong: [
      [{ step: "cups" }, ["form"]],
      [{ intent: "constructor" }, ["form"]],
    ],
    foreign: FOREIGN,
  },
  {
    does: "times a step",
    address: ADDRESS,
    right: { intent: "start", step: "sides" },
    gives: ADDRESS,
    wrong: [[{ step: "" }, ["form"]]],
    foreign: FOREIGN,
  },
  {
    does: "takes minutes",
    address: ADDRESS,
    right: { intent: "minutes", step: "sides", minutes: "12,5" },
    gives: ADDRESS,
    wrong: [
      [{ minutes: "long" }, ["minutes"]],
      [{ minutes: "-4" }, ["minutes"]],
    ],
    foreign: FOREIGN,
  },
  {
    does: "adds a step",
    address: ADDRESS,
    right: { intent: "add", name: "Label in" },
    gives: ADDRESS,
    wrong: [[{ name: " " }, ["name"]]],
    foreign: FOREIGN,
  },
  {
    does: "keeps an order",
    address: ADDRESS,
    right: { intent: "order", order: "marks cut sides", before: "" },
    gives: ADDRESS,
    wrong: [
      [{ order: "nothing known" }, ["form"]],
      // Moved in another window meanwhile.
      [{ before: "cut sides marks" }, ["form"]],
    ],
    foreign: FOREIGN,
  },
]);

describe("the sewing of a job", () => {
  it("keeps each thing that is asked beside the others", async () => {
    const { store } = await demoStore();
    const post = (fields: Record<string, string>) => postTo(store, ADDRESS, fields);
    const kept = async () => (await store.workings.find(2, "sewing")).working;
    await post({ intent: "add", name: "Label in" });
    await post({ intent: "left", step: "firstWash", on: "yes" });
    await post({ intent: "minutes", step: "own-1", minutes: "4" });
    await post({ intent: "done", step: "own-1", on: "yes" });
    // Moved from the order that was shown before all this: nothing of it moved a step.
    await post({ intent: "order", order: "marks cut sides", before: "" });
    await post({ intent: "start", step: "sides" });
    expect(await kept()).toMatchObject({
      order: ["marks", "cut", "sides"],
      ...{ own: [{ id: "own-1", name: "Label in" }], left: ["firstWash"], spent: { cut: 35, "own-1": 4 } },
      timer: { step: "sides" },
    });
    await post({ intent: "stop" });
    await post({ intent: "minutes", step: "own-1", minutes: "" });
    await post({ intent: "left", step: "firstWash", on: "" });
    expect((await kept()).spent).not.toHaveProperty("own-1");
    expect(await kept()).toMatchObject({ left: [], timer: null });
    await post({ intent: "remove", step: "own-1" });
    expect(await kept()).toMatchObject({ own: [] });
    expect((await kept()).done).not.toHaveProperty("own-1");
  });
});

const page = demoPage(ADDRESS);

it("takes its times from the workshop's own, from the third on, and names a guess as one", async () => {
  const main = (await page()).text("main");
  expect(main).toContain("10 min, a guess");
  expect(main).toContain("41 min, by 3 times");
  expect(main).toContain("Try on: Width, rise, leg and neckline");
});
