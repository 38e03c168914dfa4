import { jobStep } from "./step.ts";

/** Everything it is made of, against the shelf. */
export const materialsStep = jobStep({
  id: "materials",
  key: "m",
  name: () => "Materials",
  standing: ({ entered: { kept } }) =>
    kept.includes("materials") ? { state: "done", words: "listed" } : { state: "done", words: "to buy, to cut" },
});
