import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "answers a check of a sheet",
    address: "/sheets/3",
    right: { ruleId: "body.range", code: "waist", side: "single", word: "confirmed" },
    gives: 200,
    wrong: [
      [{ ruleId: "body.guess" }, []],
      [{ code: "knee" }, []],
      [{ word: "maybe" }, []],
    ],
    foreign: ["/sheets/99"],
  },
]);
