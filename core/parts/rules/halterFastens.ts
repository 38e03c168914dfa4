import { forbidden, type PartRule } from "./rule.ts";

/** The straps of a halter meet behind the neck. */
export const halterFastens: PartRule = {
  id: "halterFastens",
  says: ({ back, closure }) =>
    back === "halter" && closure !== "open" && closure !== "neckTie" && closure !== "neckHook"
      ? forbidden("The straps of a halter meet behind the neck: they are tied or hooked there.")
      : [],
};
