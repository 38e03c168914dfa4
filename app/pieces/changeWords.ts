import { findingKindOf, type JobChange, spotOf } from "../../core/fitting/index.ts";
import type { ChangeWords } from "./StepList.tsx";

/** What each change answers and where, by its number. */
export const changeWords = (changes: readonly Pick<JobChange, "change" | "finding">[]): ChangeWords =>
  Object.fromEntries(
    changes.map(({ change, finding }) => {
      const what = finding ? findingKindOf(finding.kind).name : change.reason || "Own change";
      return [change.id, `${what}, ${spotOf(change.spot).name.toLowerCase()}`] as const;
    }),
  );
