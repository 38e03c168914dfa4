import { itActs } from "../../testing/itActs.ts";

/** Rows, one more than are read. */
const LONG = Array.from({ length: 61 }, (_, at) => at);

itActs([
  {
    does: "keeps gaps, pulls and wears",
    address: "/jobs/10/wear",
    right: {
      ...{ intent: "working", working: "wear", unit: "cm", pitchMm: "22", startOn: "2026-12-01", version: "1" },
      ...{ "gaps[0].on": "2026-11-30", "gaps[0].who": "form", "gaps[0].topMm": "40", "gaps[0].waistMm": "42" },
    },
    gives: "/jobs/10/wear",
    wrong: [
      [{ startOn: "soon" }, ["startOn"]],
      [{ "gaps[0].topMm": "wide" }, ["gaps[0].topMm"]],
      [{ "gaps[0].on": "some day" }, ["gaps[0].on"]],
      // More rows than there can be are not excused by calling them idle.
      [{ idle: "gaps pulls", ...Object.fromEntries(LONG.map((at) => [`gaps[${at}].topMm`, "40"])) }, ["gaps"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/wear", ["/jobs/10/wear", { working: "guess" }]],
  },
]);
