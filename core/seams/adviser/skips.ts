import type { AdviserRule } from "./rule.ts";

/** Skipped stitches: nothing else can be judged before they are gone. */
export const skips: AdviserRule = {
  id: "skips",
  says: ({ gave, look }) =>
    gave === "skipped" || look === "skipped"
      ? {
          ...{ change: "needle", to: null },
          reason: "Stitches were skipped: a new stretch needle first, of a size that suits the cloth.",
        }
      : null,
};
