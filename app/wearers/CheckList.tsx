import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import {
  ANSWER_WORDS,
  type AnswerWord,
  type CheckAnswer,
  type CheckFinding,
  answers as isAnswerTo,
  type Repair,
} from "../../core/body/index.ts";
import { formatLength, formatLengthWithUnit, type LengthUnit } from "../../core/units/index.ts";
import { renderFinding } from "./renderFinding.ts";

interface CheckListProps {
  readonly findings: readonly CheckFinding[];
  readonly answers: readonly CheckAnswer[];
  readonly unit: LengthUnit;
  /** Gives an answer, or takes it back (null). */
  readonly onAnswer: (finding: CheckFinding, word: AnswerWord | null) => void;
  /** Takes a repair: given what to write into the field. Left out where a sheet can no longer be changed. */
  readonly onRepair?: (finding: CheckFinding, repair: Repair, text: string) => void;
}

/** What asks for a second look on a sheet, and what was answered. Checks ask; they never keep a sheet from being saved. */
export function CheckList({ findings, answers, unit, onAnswer, onRepair }: CheckListProps) {
  if (findings.length === 0) return null;
  return (
    <section aria-label="Second looks">
      <Typography variant="h3" sx={{ mt: 2, mb: 1 }}>
        Worth a second look
      </Typography>
      {findings.map((finding) => (
        <CheckRow
          // A rule may ask twice about one measure: two rows of one key would outlive what they asked about.
          key={`${finding.ruleId} ${finding.code} ${finding.side} ${finding.template}`}
          finding={finding}
          word={answers.find((answer) => isAnswerTo(answer, finding))?.word ?? null}
          unit={unit}
          onAnswer={(word) => onAnswer(finding, word)}
          {...(onRepair ? { onRepair: (repair: Repair, text: string) => onRepair(finding, repair, text) } : {})}
        />
      ))}
    </section>
  );
}

interface CheckRowProps {
  readonly finding: CheckFinding;
  readonly word: AnswerWord | null;
  readonly unit: LengthUnit;
  readonly onAnswer: (word: AnswerWord | null) => void;
  readonly onRepair?: (repair: Repair, text: string) => void;
}

function CheckRow({ finding, word, unit, onAnswer, onRepair }: CheckRowProps) {
  const { repairs = [] } = finding;
  const settled = word === "confirmed";
  return (
    <Alert severity={settled ? "info" : "warning"} icon={false} sx={{ mb: 1 }}>
      {renderFinding(finding, unit)}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, mt: 0.5, ml: -1, alignItems: "center" }}>
        {settled ? <Box sx={{ ml: 1, fontWeight: 650 }}>{ANSWER_WORDS[word]}</Box> : null}
        {onRepair && !settled
          ? repairs.map((repair) => (
              <Button
                key={`${repair.slip} ${repair.mm}`}
                size="small"
                variant="outlined"
                onClick={() => onRepair(repair, repair.text ?? formatLength(repair.mm, unit))}
              >
                {repair.swapsWith
                  ? "Change left and right over"
                  : `Write ${repair.text ?? formatLengthWithUnit(repair.mm, unit)}`}
              </Button>
            ))
          : null}
        <Button size="small" onClick={() => onAnswer(settled ? null : "confirmed")}>
          {settled ? "Look again" : "It is right"}
        </Button>
      </Box>
    </Alert>
  );
}
