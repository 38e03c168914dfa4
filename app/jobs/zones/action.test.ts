import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "takes no stiffness from too few readings",
    address: "/jobs/1/zones",
    right: { intent: "apply", version: "1" },
    gives: 400,
    leaves: true,
    foreign: ["/jobs/99/zones"],
  },
]);
