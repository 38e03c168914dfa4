import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "keeps bones and closing",
    address: "/jobs/10/bones",
    right: { intent: "working", working: "bones", unit: "cm", stock: "inch", pitchMm: "24", version: "1" },
    gives: "/jobs/10/bones",
    wrong: [
      [{ pitchMm: "2" }, ["pitchMm"]],
      [{ rows: "1" }, ["rows"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/bones", ["/jobs/10/bones", { working: "guess" }]],
  },
  {
    does: "leaves a bone out that a rule placed",
    address: "/jobs/10/bones",
    right: { intent: "without", bone: "seam2", version: "1" },
    gives: "/jobs/10/bones",
    wrong: [[{ bone: "" }, []]],
    stale: 409,
    foreign: ["/jobs/99/bones"],
  },
]);
