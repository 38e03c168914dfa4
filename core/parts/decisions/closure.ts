import { type Decision, isWhole } from "../decision.ts";

/** How a one-piece opens. */
export const closure: Decision = {
  id: "closure",
  name: "Opening",
  appears: isWhole,
  options: [
    { id: "none", name: "none, stepped into" },
    { id: "neckTie", name: "tied at the neck", opens: { overbust: "ties" } },
    { id: "neckHook", name: "hook at the neck", opens: { overbust: "hooks" } },
    { id: "backHook", name: "hook in the back", opens: { overbust: "hooks", underbust: "hooks" } },
    { id: "zip", name: "zip in the back", opens: { overbust: "zip", underbust: "zip", waist: "zip" } },
  ],
};
