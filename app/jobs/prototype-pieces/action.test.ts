import { expect, it } from "vitest";
import { checkDraft, girthsOf } from "../../../core/drafting/index.ts";
import { contentOf, demoStore } from "../../../data/testing/index.ts";
import { postTo } from "../../testing/postTo.ts";

const ADDRESS = "/jobs/2/prototypes/1/pieces";
const OPTIONS = { intent: "working", working: "briefPieces", unit: "cm", leg_raise: "10", version: "0" };

it("gives a prototype that was made without pieces those of its plan, once", async () => {
  const { store, db } = await demoStore();
  expect(await postTo(store, "/jobs/2/pieces", OPTIONS)).toMatchObject({ status: 302 });
  expect(await postTo(store, ADDRESS, {})).toMatchObject({ status: 302, location: ADDRESS });
  const prototype = await store.prototypes.find(2, 1);
  const [kept] = await store.pieces.ofPrototype(prototype?.id ?? 0);
  expect(kept).toMatchObject({ id: "briefPieces", from: "plan" });
  expect(kept && checkDraft(kept.draft).filter(({ ok }) => !ok)).toEqual([]);
  const before = await contentOf(db);
  expect(await postTo(store, ADDRESS, {})).toMatchObject({ status: 400, wrong: ["form"] });
  expect(await contentOf(db)).toBe(before);
});

it("draws them from the body it froze, not from that of today", async () => {
  const { store, db } = await demoStore();
  await postTo(store, "/jobs/2/pieces", OPTIONS);
  const prototype = await store.prototypes.find(2, 1);
  const job = await store.jobs.find(2);
  const girthOf = (zone: string) => prototype?.frozen.rings.find((ring) => ring.zone === zone)?.nowMm;
  // The sheet is taken anew, five centimetres more all round: what was sewn stays what it was.
  await db("sheet_values")
    .where({ sheet_id: job?.sheetId ?? 0 })
    .increment("mm", 50);
  await postTo(store, ADDRESS, {});
  const [kept] = await store.pieces.ofPrototype(prototype?.id ?? 0);
  const waist = kept && girthsOf(kept.draft).girths.find(({ level }) => level === "waist");
  expect(waist?.piecesMm).toBeCloseTo(girthOf("waist") ?? 0, 0);
});

it("says what is lacking where no options were kept, and changes nothing", async () => {
  const { store, db } = await demoStore();
  const before = await contentOf(db);
  const answer = await postTo(store, ADDRESS, {});
  expect(answer).toMatchObject({ status: 400, wrong: ["form"] });
  expect(JSON.stringify(answer.body)).toContain("kept at the step Pieces");
  expect(await contentOf(db)).toBe(before);
});

it.each(["/jobs/99/prototypes/1/pieces", "/jobs/2/prototypes/9/pieces"])("finds nothing at %s", async (address) => {
  const { store } = await demoStore();
  expect(await postTo(store, address, {})).toMatchObject({ status: 404 });
});
