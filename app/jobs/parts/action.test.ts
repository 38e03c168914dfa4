import { describe, expect, it } from "vitest";
import { demoStore } from "../../../data/testing/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { postTo } from "../../testing/postTo.ts";

const ADDRESS = "/jobs/4/parts";
const RIGHT = { intent: "working", working: "parts", unit: "cm", version: "1", front: "v", back: "scoop", leg: "high" };

itActs([
  {
    does: "keeps the parts of a garment",
    address: ADDRESS,
    right: RIGHT,
    gives: ADDRESS,
    wrong: [
      [{ front: "square" }, ["front"]],
      [{ closure: "buttons" }, ["closure"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/parts"],
  },
  {
    does: "ticks a piece",
    address: ADDRESS,
    right: { intent: "tick", list: "cut", piece: "onePiecePieces/front", on: "yes" },
    gives: ADDRESS,
    wrong: [
      [{ list: "sewn" }, ["form"]],
      [{ piece: "" }, ["form"]],
      [{ piece: "x".repeat(300) }, ["form"]],
    ],
    foreign: ["/jobs/99/parts"],
  },
]);

describe("parts that are kept", () => {
  it("set the pieces that are drawn here, and open rings; another choice closes those again and no others", async () => {
    const { store } = await demoStore();
    const job = async () => (await store.jobs.find(4)) ?? { openings: null, version: 0 };
    await postTo(store, ADDRESS, { ...RIGHT, closure: "neckTie" });
    const { working, version } = await store.workings.find(4, "onePiecePieces");
    expect(working).toMatchObject({ neck: "v", back: "scoop", leg_raise: 80, neck_depth: 150 });
    expect((await job()).openings).toEqual({ overbust: "ties" });
    await store.jobs.save({
      ...((await store.jobs.find(4)) as never as Parameters<typeof store.jobs.save>[0]),
      openings: { overbust: "ties", hip: "zip" },
    });
    await postTo(store, ADDRESS, { ...RIGHT, closure: "none", version: "2" });
    expect((await job()).openings).toEqual({ hip: "zip" });
    // Nothing that recipes draw has changed since: they are left as they are.
    expect((await store.workings.find(4, "onePiecePieces")).version).toBe(version);
  });

  it("draw a brief that nobody had drawn yet", async () => {
    const { store } = await demoStore();
    await postTo(store, "/jobs/2/parts", { ...RIGHT, version: "0", rise: "low", seat: "less" });
    expect((await store.workings.find(2, "briefPieces")).working).toMatchObject({
      waist_drop_front: 95,
      back_leg: "curved",
    });
  });

  it("keep what was ticked, whatever is decided later", async () => {
    const { store } = await demoStore();
    const tick = (piece: string, on: string, list = "cut") =>
      postTo(store, ADDRESS, { intent: "tick", list, piece, on });
    await tick("a", "yes");
    await tick("b", "yes");
    await tick("a", "");
    await tick("c", "yes", "without");
    const kept = await store.workings.find(4, "parts");
    await postTo(store, ADDRESS, { ...RIGHT, version: String(kept.version) });
    expect((await store.workings.find(4, "parts")).working).toMatchObject({ cut: ["b"], without: ["c"], front: "v" });
  });
});
