import { findingKindOf } from "../finding/kinds/index.ts";
import type { Finding, Fitting } from "../fitting.ts";
import type { CarriedChange } from "../prototype/frozenPlan.ts";
import type { Change, OwnChange } from "./change.ts";

/**
 * Every change that a job has decided: those its findings have led to, in the order they were found, then the maker's
 * own. Refused and put-off ones are left out.
 */
export function decidedChanges(
  fittings: readonly Pick<Fitting, "findings">[],
  own: readonly OwnChange[] = [],
): CarriedChange[] {
  const found = fittings.flatMap(({ findings }) => findings.flatMap((finding) => carried(finding.change, finding)));
  return [...found, ...own.flatMap(({ change }) => carried(change, null))];
}

function carried(change: Change | null, finding: Finding | null): CarriedChange[] {
  if (!change || change.decision === "refused" || change.decision === "waiting") return [];
  const { id, on, zone, side, spot, amountMm, lengthId, pieces, line, blend, seams, parts } = change;
  const why = finding ? findingKindOf(finding.kind).name : "own change";
  return [{ changeId: id, on, zone, side, spot, amountMm, lengthId, pieces, line, blend, seams, parts, why }];
}
