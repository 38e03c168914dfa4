import { type Explanation, term } from "../explain/index.ts";
import { formatDay } from "../units/index.ts";
import type { JobStands } from "./planDays.ts";

const minutes = term("result", "count");

/** By how much the free hours fall short of what is still to sew, minutes. */
export const explainShort = ({ leftMin, shortMin, wantedOn }: JobStands): Explanation => ({
  title: `Minutes short until ${formatDay(wantedOn)}`,
  formula: "S = T − H",
  terms: [
    minutes("T", "still to sew", leftMin, "steps of the job"),
    minutes(
      "H",
      "free until then, beside what else is wanted",
      leftMin - shortMin,
      "working hours, less what is met for",
    ),
  ],
  result: { value: shortMin, unit: "count" },
  notes: [
    "Jobs that are wanted later are laid first, as late as they may: they take no hour from this one that it could have.",
  ],
  others: [],
});
