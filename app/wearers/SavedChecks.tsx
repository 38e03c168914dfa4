import { useFetcher } from "react-router";
import type { CheckAnswer, CheckFinding } from "../../core/body/index.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { CheckList } from "./CheckList.tsx";

interface SavedChecksProps {
  readonly sheetId: number;
  readonly findings: readonly CheckFinding[];
  readonly answers: readonly CheckAnswer[];
}

/** The checks of a saved sheet: they can still be answered, while its values stay as they are. */
export function SavedChecks({ sheetId, findings, answers }: SavedChecksProps) {
  const fetcher = useFetcher();
  const { unit } = useLengths();
  return (
    <CheckList
      findings={findings}
      answers={answers}
      unit={unit}
      onAnswer={(finding, word) =>
        void fetcher.submit(
          { ruleId: finding.ruleId, code: finding.code, side: finding.side, word: word ?? "" },
          { method: "post", action: `/sheets/${sheetId}` },
        )
      }
    />
  );
}
