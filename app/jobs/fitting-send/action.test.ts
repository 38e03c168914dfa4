import { itActs } from "../../testing/itActs.ts";
import { SEEN_FINDING } from "../../testing/sentForms.ts";

const KEY = "0123456789abcdef0123456789abcdef";

const seen = { ...SEEN_FINDING, fitting: "3" };

itActs([
  {
    does: "takes a sending of the queue",
    address: "/jobs/2/prototypes/1/send",
    right: { ...seen, key: KEY },
    gives: 200,
    wrong: [
      [{ key: "short" }, ["form"]],
      [{ intent: "guess" }, ["form"]],
      [{ amount: "much" }, ["amount"]],
    ],
    foreign: ["/jobs/2/prototypes/9/send"],
  },
]);
