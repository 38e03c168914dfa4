import { type Decision, isBottom } from "../decision.ts";

/** How the top edge of a bottom is finished, and whether it opens. */
export const waist: Decision = {
  id: "waist",
  name: "Waist",
  appears: isBottom,
  options: [
    { id: "elastic", name: "elastic, turned" },
    {
      ...{ id: "casing", name: "casing" },
      brings: [{ name: "Waist casing", count: 1, role: "casing", how: "as long as the waist edge, to the same rise" }],
    },
    {
      ...{ id: "ties", name: "ties at the sides", opens: { waist: "ties" } },
      brings: [{ name: "Tie", count: 4, role: "shell", how: "a strip each" }],
      check: "The ties hold when wet, and lie flat below clothes.",
    },
    { id: "hook", name: "a hook", opens: { waist: "hooks" } },
  ],
};
