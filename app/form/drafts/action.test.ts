import { itActs } from "../../testing/itActs.ts";

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
