import type { SeamVerdict } from "../../../core/seams/index.ts";

/** The ink of a verdict: never alone, its words say it. */
export const verdictInk = (verdict: SeamVerdict): string =>
  verdict === "fail" ? "error.main" : verdict === "strong" ? "success.main" : "text.primary";
