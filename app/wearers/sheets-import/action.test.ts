import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "imports sheets",
    address: "/wearers/1/sheets/import",
    right: { mode: "whole", file: new File(["taken on;measure;side;value\n2026-11-01;waist;;74,2\n"], "s.csv") },
    gives: /^\/wearers\/1$|^400$/,
    wrong: [[{ file: new File(["no sheet at all"], "s.csv") }, []]],
    foreign: [],
    leaves: true,
  },
]);
