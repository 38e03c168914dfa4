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
  {
    does: "ticks a piece of a bought pattern to a part",
    address: ADDRESS,
    right: { intent: "part", piece: "ownPieces/front", part: "front/v" },
    gives: ADDRESS,
    wrong: [
      [{ part: "front/square" }, ["form"]],
      [{ piece: "" }, ["form"]],
    ],
    foreign: ["/jobs/99/parts"],
  },
  {
    does: "keeps a style of its own",
    address: ADDRESS,
    right: { intent: "style", name: "One-piece, scooped" },
    gives: "/styles/2",
    wrong: [[{ name: "" }, ["name"]]],
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

  it("leave no ties at the neck of a child: refused beside the field, with nothing kept", async () => {
    const { store } = await demoStore();
    const job = await store.jobs.find(4);
    const wearer = await store.wearers.find(job?.wearerId ?? 0);
    if (!wearer) throw new Error("The wearer is there.");
    await store.wearers.save({ ...wearer, child: true });
    const before = await store.workings.find(4, "parts");
    const answer = await postTo(store, ADDRESS, { ...RIGHT, closure: "neckTie" });
    expect((answer.body as { errors: object }).errors).toEqual({
      closure: expect.stringMatching(/at the neck of a child.*local code/),
    });
    expect(await store.workings.find(4, "parts")).toEqual(before);
    expect((await postTo(store, ADDRESS, { ...RIGHT, closure: "neckHook" })).location).toBe(ADDRESS);
  });

  it("draw a brief that nobody had drawn yet", async () => {
    const { store } = await demoStore();
    await postTo(store, "/jobs/2/parts", { ...RIGHT, version: "0", rise: "low", seat: "less" });
    expect((await store.workings.find(2, "briefPieces")).working).toMatchObject({
      waist_drop_front: 95,
      back_leg: "curved",
    });
  });

  it("go into a style of the workshop, which later jobs start from", async () => {
    const { store } = await demoStore();
    await postTo(store, ADDRESS, { intent: "style", name: "One-piece, scooped" });
    const own = await store.styles.findOwn(2);
    expect(own).toMatchObject({
      ...{ name: "One-piece, scooped", basedOn: "onePiece" },
      parts: { front: "scoop", back: "scoop", closure: "none", lining: "front", pocket: "kept" },
    });
    const job = await store.jobs.find(4);
    if (!job) throw new Error("No job.");
    await store.jobs.save({ ...job, styleId: "own-2" });
    await postTo(store, ADDRESS, { intent: "style", name: "Again" });
    expect(await store.styles.findOwn(3)).toMatchObject({ name: "Again", basedOn: "onePiece", parts: own?.parts });
  });

  it("leave out a piece of a bought pattern whose part was decided otherwise", async () => {
    const { store } = await demoStore();
    await postTo(store, ADDRESS, { intent: "part", piece: "ownPieces/v", part: "front/v" });
    const kept = await store.workings.find(4, "parts");
    expect(kept.working.belongs).toEqual({ "ownPieces/v": "front/v" });
    await postTo(store, ADDRESS, { intent: "part", piece: "ownPieces/v", part: "" });
    expect((await store.workings.find(4, "parts")).working.belongs).toEqual({});
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
