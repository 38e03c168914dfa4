import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "keeps a reduction",
    address: "/jobs/10/corset",
    right: { intent: "working", working: "corset", unit: "cm", school: "mm", offMm: "45", version: "1" },
    gives: "/jobs/10/corset",
    wrong: [
      [{ offMm: "much" }, ["offMm"]],
      [{ offMm: "900" }, ["offMm"]],
      [{ bulkySeams: "2.5" }, ["bulkySeams"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/corset", ["/jobs/10/corset", { working: "guess" }]],
  },
  {
    does: "takes an amount that was tried",
    address: "/jobs/10/corset",
    right: { intent: "amount", amount: "52", version: "1" },
    gives: "/jobs/10/corset",
    wrong: [[{ amount: "301" }, []]],
    stale: 409,
    foreign: ["/jobs/99/corset"],
  },
  {
    does: "draws another number of panels",
    address: "/jobs/10/corset",
    right: { intent: "panels", panels: "6", version: "1" },
    gives: "/jobs/10/corset",
    wrong: [
      [{ panels: "9" }, []],
      [{ panels: "5.5" }, []],
    ],
    stale: 409,
    foreign: ["/jobs/99/corset"],
  },
  {
    does: "starts the inner corset of a dress",
    address: "/jobs/11/corset",
    right: { intent: "inner" },
    gives: /^\/jobs\/\d+\/corset$/,
    foreign: ["/jobs/99/corset"],
  },
]);
