import { expect, it } from "vitest";
import { demoStore } from "../../../data/testing/index.ts";
import { itActs } from "../../testing/itActs.ts";
import { postTo } from "../../testing/postTo.ts";

itActs([
  {
    does: "keeps a draft",
    address: "/drafts",
    right: { draftForm: "sheet:1", "measure.waist.single.take1": "74" },
    gives: 200,
    wrong: [
      [{ draftForm: "guess:1" }, []],
      [{ notes: "x".repeat(70_000) }, []],
    ],
  },
]);

it("keeps nothing of what was erased, however late a browser tells of it", async () => {
  const { store } = await demoStore();
  const draft = { draftForm: "sheet:2", "measure.waist.single.take1": "74" };
  expect((await postTo(store, "/drafts", draft)).status).toBe(200);
  await store.eraseWearer(2);
  expect((await postTo(store, "/drafts", draft)).status).toBe(410);
  expect(await store.drafts.find("sheet:2")).toBeNull();
  expect((await postTo(store, "/drafts", { draftForm: "shelf:all", name: "Hooks" })).status).toBe(200);
});
