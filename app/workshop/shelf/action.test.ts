import { itActs } from "../../testing/itActs.ts";

const row = (at: number, name: string, own: Readonly<Record<string, string>> = {}) =>
  Object.fromEntries(
    Object.entries({ name, unit: "m", amount: "2.5", price: "", ...own }).map(([cell, value]) => [
      `rows[${at}].${cell}`,
      value,
    ]),
  );

itActs([
  {
    does: "keeps the shelf",
    address: "/shelf",
    right: { version: "1", ...row(0, "Swim knit"), ...row(1, "Rings", { unit: "pc", amount: "12", price: "0.4" }) },
    gives: "/shelf",
    wrong: [
      [row(0, ""), ["rows[0].name"]],
      [row(0, "Swim knit", { amount: "-1" }), ["rows[0].amount"]],
      [row(0, "Swim knit", { price: "dear" }), ["rows[0].price"]],
      [row(0, "Swim knit", { unit: "ell" }), ["rows[0].unit"]],
      [row(1, "swim KNIT"), ["rows[1].name"]],
    ],
    stale: 409,
  },
]);
