import type { Finding } from "./fitting.ts";

/** Where a finding stands on its way from seen to judged. */
export type ChangeStatus = "open" | "decided" | "refused" | "cut" | "judged";

/** Status of the change that answers a finding; `open` while nothing was decided. */
export function changeStatus({ change, judgement }: Pick<Finding, "change" | "judgement">): ChangeStatus {
  if (!change) return "open";
  if (change.decision === "refused") return "refused";
  if (change.cutInto === null) return "decided";
  return judgement ? "judged" : "cut";
}
