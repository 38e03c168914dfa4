import { describe, expect, it } from "vitest";
import { boxFill, keptOf } from "../../../core/layout/index.ts";
import { reckonWorking } from "../../../core/workings/index.ts";
import { demoStore } from "../../../data/testing/index.ts";
import { readJobPlan } from "../../.server/read/jobPlan.ts";
import { readWorkings } from "../../.server/read/workingContext.ts";
import { itActs } from "../../testing/itActs.ts";
import { postTo } from "../../testing/postTo.ts";
import { workingDraft } from "../calculation/workingDraft.ts";

itActs([
  {
    does: "keeps how a cloth lies",
    address: "/jobs/1/layout",
    right: { intent: "working", working: "shellLayout", unit: "cm", version: "0", widthMm: "140", laying: "folded" },
    gives: "/jobs/1/layout?of=shellLayout",
    wrong: [
      [{ widthMm: "wide" }, ["widthMm"]],
      [{ widthMm: "0" }, ["widthMm"]],
      [{ repeatAlongMm: "0" }, ["repeatAlongMm"]],
      [{ garments: "1.5" }, ["garments"]],
      [{ border: "collar" }, ["border"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/layout", ["/jobs/1/layout", { working: "silkLayout" }]],
  },
]);

const ADDRESS = "/jobs/1/layout";

/** The demo's first job with the layout that is there at once, to be posted. */
async function found() {
  const { store } = await demoStore();
  const { facts, kept } = await readWorkings(store, await readJobPlan(store, 1), "picked");
  const { shapes, table } = reckonWorking("shellLayout", kept.shellLayout.working, facts.shellLayout);
  const laid = table && boxFill(shapes, table);
  if (!laid?.ok) throw new Error("There is room.");
  const sent = { intent: "best", working: "shellLayout", unit: "cm", version: "0" };
  return { store, best: keptOf(laid.value), sent };
}

describe("a layout that was found", () => {
  it("is kept where its pieces lie, and seen as such", async () => {
    const { store, best, sent } = await found();
    const answer = await postTo(store, ADDRESS, { ...sent, best: JSON.stringify(best) });
    expect(answer.location).toBe("/jobs/1/layout?of=shellLayout");
    const { working } = await store.workings.find(1, "shellLayout");
    expect(working.best).toEqual(best);
    expect((await postTo(store, ADDRESS, { ...sent, best: JSON.stringify(best) })).status).toBe(409);
  });

  it("is refused where it cannot be read, where pieces lie over one another, where one is left out, and beside a draft", async () => {
    const { store, best, sent } = await found();
    const refused = async (text: string) => {
      const { status, wrong } = await postTo(store, ADDRESS, { ...sent, best: text });
      return [status, ...wrong];
    };
    const no = [400, "best"];
    expect(await refused("{")).toEqual(no);
    expect(await refused('{"placed":[{"x":"far"}]}')).toEqual(no);
    const over = { placed: best.placed.map((one) => ({ ...one, x: 0, y: 0 })) };
    expect(await refused(JSON.stringify(over))).toEqual(no);
    expect(await refused(JSON.stringify({ placed: best.placed.slice(1) }))).toEqual(no);
    await store.drafts.put(workingDraft(1, "shellLayout"), { widthMm: "120" }, "2026-11-27T04:00:00Z");
    expect(await refused(JSON.stringify(best))).toEqual(no);
    expect((await store.workings.find(1, "shellLayout")).version).toBe(0);
  });
});
