import { expect, it } from "vitest";
import { edgeLength, edgeOf, pieceOf } from "../../../core/drafting/index.ts";
import { demoStore } from "../../../data/testing/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { postTo } from "../../testing/postTo.ts";

const ADDRESS = "/jobs/8/prototypes/3/traced?of=briefPieces&piece=back&edge=leg";

/** As long from end to end as the leg of the demo's brief, and off its straight line by less than it is. */
const points = "0 0\n110 6\n220 0";
const right = { points, share: "50", side: "both", reason: "the seat shows" };

itActs([
  {
    does: "adds a change that brings the edge toward the curve",
    address: ADDRESS,
    right,
    gives: "/jobs/8/changes",
    wrong: [
      [{ points: "" }, ["points"]],
      [{ points: "0 0\n5 six\n10 0" }, ["points"]],
      [{ points: "0 0\n40 5\n30 6" }, ["points"]],
      [{ points: "0 0\n10 2\n20 0" }, ["points"]],
      [{ share: "0" }, ["share"]],
      [{ share: "120" }, ["share"]],
      [{ side: "middle" }, ["side"]],
    ],
    foreign: [
      "/jobs/8/prototypes/3/traced?of=briefPieces&piece=back&edge=hem",
      "/jobs/8/prototypes/3/traced",
      "/jobs/8/prototypes/2/traced?of=briefPieces&piece=back&edge=leg",
      "/jobs/8/prototypes/9/traced?of=briefPieces&piece=back&edge=leg",
      "/jobs/99/prototypes/1/traced?of=briefPieces&piece=back&edge=leg",
    ],
  },
]);

it("is cut into the next prototype, half of the way; once more, and half of the rest", async () => {
  const { store } = await demoStore();
  const leg = async (number: number) => {
    const prototype = await store.prototypes.find(8, number);
    const [kept] = await store.pieces.ofPrototype(prototype?.id ?? 0);
    return kept ? edgeLength(edgeOf(pieceOf(kept.draft, "back"), "leg")) : Number.NaN;
  };
  expect(await postTo(store, ADDRESS, right)).toMatchObject({ status: 302 });
  const [own] = await store.changes.ownOfJob(8);
  expect(own?.change).toMatchObject({
    on: "edge",
    remedy: "trace",
    traced: { of: "briefPieces", piece: "back", edge: "leg", share: 0.5 },
    reason: "the seat shows",
  });
  const next = { kind: "toile", startedOn: "2026-11-01", override: "the lining follows" };
  const before = await leg(3);
  await postTo(store, "/jobs/8/prototypes", { ...next, number: "4" });
  const once = await leg(4);
  expect(once).not.toBeCloseTo(before, 1);
  await postTo(store, ADDRESS.replace("prototypes/3", "prototypes/4"), right);
  await postTo(store, "/jobs/8/prototypes", { ...next, number: "5" });
  const twice = await leg(5);
  expect(Math.abs(twice - once)).toBeLessThan(Math.abs(once - before));
  expect(twice).not.toBeCloseTo(once, 1);
});
