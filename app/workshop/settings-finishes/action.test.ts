import { itActs } from "../../testing/itActs.ts";
import { HABITS } from "./finishFields.ts";

const habits = Object.fromEntries(HABITS.map(({ name }, at) => [name, String(4 + at)]));

itActs([
  {
    does: "keeps the allowances",
    address: "/settings/finishes",
    right: { ...habits, overlockMm: "7 mm", version: "0" },
    gives: "/settings/finishes",
    wrong: [
      [{ overlockMm: "" }, ["overlockMm"]],
      [{ corsetMm: "80" }, ["corsetMm"]],
      [{ wovenMm: "-2" }, ["wovenMm"]],
    ],
    stale: 409,
  },
]);
