import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "names the workshop",
    address: "/settings",
    right: { intent: "workshop", workshopName: "The Dye House", version: "1" },
    gives: "/settings",
    wrong: [[{ workshopName: "x".repeat(81) }, ["workshopName"]]],
    stale: 409,
  },
  {
    does: "sets the gauge",
    address: "/settings",
    right: { gaugeAddress: "/dev/ttyUSB0 115200", version: "0" },
    gives: "/settings",
    wrong: [[{ gaugeAddress: "/etc/passwd" }, ["gaugeAddress"]]],
    stale: 409,
  },
]);
