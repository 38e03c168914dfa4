import type { Judgement } from "../decide/judgement.ts";
import type { Finding } from "../fitting.ts";
import type { Change } from "./change.ts";

/** Where a finding stands on its way from seen to judged. */
export type ChangeStatus = "open" | "waiting" | "decided" | "refused" | "cut" | "judged";

/** Status of a change with what was seen of it; `open` while nothing was decided. */
export function changeStatus({
  change,
  judgement,
}: {
  readonly change: Change | null;
  readonly judgement: Judgement | null;
}): ChangeStatus {
  if (!change) return "open";
  if (change.decision === "refused") return "refused";
  if (change.decision === "waiting") return "waiting";
  if (change.cutInto === null) return "decided";
  return judgement ? "judged" : "cut";
}

/** True for a finding that nothing more is wanted of: cured, refused with a reason, or how it feels, which is only kept. */
export const isSettled = ({ kind, change, judgement }: Pick<Finding, "kind" | "change" | "judgement">): boolean =>
  kind === "comfort" || judgement?.verdict === "cured" || change?.decision === "refused";
