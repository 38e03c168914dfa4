import type { Judgement } from "../decide/judgement.ts";
import type { Finding, Fitting } from "../fitting.ts";
import type { OwnChange } from "./change.ts";
import { changeStatus } from "./changeStatus.ts";
import type { FoundChange } from "./cuttingTable.ts";

/** A change of a job with its finding and what it did. */
export interface JobChange extends FoundChange {
  readonly judgement: Judgement | null;
}

/** Every change of a job, those findings led to first, each with its finding and what it did. */
export function jobChanges(fittings: readonly Pick<Fitting, "findings">[], own: readonly OwnChange[]): JobChange[] {
  const found = fittings.flatMap(({ findings }) =>
    findings.flatMap((finding): JobChange[] =>
      finding.change ? [{ change: finding.change, finding, judgement: finding.judgement }] : [],
    ),
  );
  return [...found, ...own.map((one) => ({ ...one, finding: null }))];
}

/** Decided and not cut into any prototype yet: what the next one is cut with. */
export const toCut = (changes: readonly JobChange[]): JobChange[] =>
  changes.filter((one) => changeStatus(one) === "decided");

/** True for a finding that waits for the maker's word; how it feels is only kept. */
export const needsWord = (finding: Pick<Finding, "kind" | "change" | "judgement">): boolean =>
  finding.kind !== "comfort" && changeStatus(finding) === "open";

/** Findings without a word of the maker. */
export const openFindings = (fittings: readonly Pick<Fitting, "findings">[]): Finding[] =>
  fittings.flatMap(({ findings }) => findings.filter(needsWord));

/** Findings put off to a sewing step. */
export const waitingFindings = (fittings: readonly Pick<Fitting, "findings">[]): Finding[] =>
  fittings.flatMap(({ findings }) => findings.filter((finding) => changeStatus(finding) === "waiting"));
