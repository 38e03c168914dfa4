import { itActs } from "../../testing/itActs.ts";

const row = (at: number, name: string, own: Readonly<Record<string, string>> = {}) =>
  Object.fromEntries(
    Object.entries({ name, stitches: "504, 514", dialMost: "9", dialBase: "4", ...own }).map(([cell, value]) => [
      `rows[${at}].${cell}`,
      value,
    ]),
  );

itActs([
  {
    does: "keeps the machines",
    address: "/machines",
    right: { version: "1", ...row(0, "Overlock"), ...row(1, "Zigzag", { stitches: "304/321", differential: "yes" }) },
    gives: "/machines",
    wrong: [
      [row(0, ""), ["rows[0].name"]],
      [row(0, "Overlock", { stitches: "514, 999" }), ["rows[0].stitches"]],
      [row(0, "Overlock", { dialMost: "" }), ["rows[0].dialMost"]],
      [row(0, "Overlock", { dialBase: "12" }), ["rows[0].dialBase"]],
      [row(1, "overLOCK"), ["rows[1].name"]],
    ],
    stale: 409,
  },
]);
