import { type Decision, isTop } from "../decision.ts";

/** How the band of a top closes. */
export const bandClosure: Decision = {
  id: "bandClosure",
  name: "Band closes",
  appears: isTop,
  options: [
    { id: "pullOn", name: "not at all, pulled on" },
    { id: "hook", name: "with hooks", opens: { underbust: "hooks" } },
    {
      ...{ id: "tie", name: "tied", opens: { underbust: "ties" } },
      brings: [{ name: "Tie of the band", count: 2, role: "shell", how: "a strip each" }],
      check: "The band stays tied when it is wet and pulled.",
    },
  ],
};
