import { itActs } from "../../testing/itActs.ts";
import { SEEN_FINDING } from "../../testing/sentForms.ts";

const PAGE = "/jobs/2/prototypes/1/fitting";
const JUDGED = "/jobs/1/prototypes/2/fitting";
const seen = { ...SEEN_FINDING, fitting: "3" };

itActs([
  {
    does: "begins a fitting",
    address: PAGE,
    right: { intent: "begin", fittedOn: "1 Nov 2026", on: "wearer", way: "insideOut" },
    gives: PAGE,
    wrong: [
      [{ fittedOn: "soon" }, ["fittedOn"]],
      [{ on: "cat" }, ["on"]],
      [{ way: "" }, ["way"]],
    ],
    foreign: ["/jobs/2/prototypes/9/fitting", "/jobs/99/prototypes/1/fitting"],
  },
  {
    does: "puts a finding on the record",
    address: PAGE,
    right: seen,
    gives: PAGE,
    wrong: [
      [{ kind: "odd" }, ["kind"]],
      [{ spot: "knee" }, ["spot"]],
      [{ amount: "much" }, ["amount"]],
      [{ kind: "" }, ["kind"]],
    ],
    foreign: [
      [PAGE, { fitting: "1" }],
      [PAGE, { finding: "1", version: "1" }],
    ],
  },
  {
    does: "changes a finding",
    address: PAGE,
    right: { ...seen, finding: "5", version: "1" },
    gives: PAGE,
    stale: 409,
  },
  { does: "takes a finding off", address: PAGE, right: { intent: "remove-finding", finding: "5" }, gives: /removed=/ },
  {
    does: "takes a reading",
    address: PAGE,
    right: { intent: "reading", fitting: "3", zone: "waist", kind: "lift", force: "430 g", unit: "cm" },
    gives: PAGE,
    wrong: [
      [{ force: "strong" }, ["force"]],
      [{ zone: "bust" }, ["zone"]],
      [{ kind: "closure" }, ["height"]],
    ],
    foreign: [[PAGE, { fitting: "1" }]],
  },
  {
    does: "answers a check",
    address: PAGE,
    right: { intent: "check", fitting: "3", check: "squat", outcome: "fail", note: "Rolls." },
    gives: PAGE,
    wrong: [
      [{ check: "stroke" }, ["check"]],
      [{ outcome: "maybe" }, ["outcome"]],
    ],
  },
  {
    does: "decides on a finding",
    address: PAGE,
    right: { intent: "decide", finding: "6", decision: "refused", reason: "She likes it so.", version: "0" },
    gives: PAGE,
    wrong: [
      [{ decision: "maybe" }, ["decision"]],
      [{ reason: "" }, ["reason"]],
      [{ decision: "altered", amount: "wide" }, ["amount"]],
      [{ seams: "99" }, ["seams"]],
    ],
    stale: 409,
    foreign: [[PAGE, { finding: "1" }]],
  },
  {
    does: "judges a change of the prototype before",
    address: JUDGED,
    right: { intent: "judge", fitting: "2", change: "1", left: "gone", verdict: "", was: "cured 2", unit: "cm" },
    gives: JUDGED,
    wrong: [
      [{ left: "still", residual: "wide" }, ["residual"]],
      [{ left: "seen" }, ["left"]],
      [{ verdict: "fine" }, ["verdict"]],
    ],
    foreign: [
      [JUDGED, { change: "3" }],
      [JUDGED, { change: "4" }],
    ],
  },
  {
    does: "does nothing it has no form for",
    address: PAGE,
    right: { intent: "constructor" },
    gives: 400,
    leaves: true,
  },
]);
