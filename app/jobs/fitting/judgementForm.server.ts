import { suggestVerdict, VERDICTS, type Verdict } from "../../../core/fitting/index.ts";
import { formValidator } from "../../../formats/validation.ts";
import { choice, formOf, notes } from "../../form/fields.server.ts";
import { unitOf } from "../../form/formUnit.ts";
import { parseSmallLength } from "../../form/smallLength.ts";
import type { Fields } from "../../form/unsaved.ts";
import { LARGEST_CHANGE_MM } from "./decisionForm.server.ts";
import { type ReadForm, wrong } from "./fittingForm.server.ts";

const VERDICT_IDS = VERDICTS.map(({ id }) => id);

const validateJudgement = formValidator(
  formOf({
    left: choice("what is left", ["gone", "still", "over", "seen"]),
    verdict: choice("a verdict", ["", ...VERDICT_IDS]),
    note: notes(),
  }),
);

/** What was seen of a change at the next fitting. */
export interface ReadJudgement {
  /** Null where nothing was read in mm. */
  readonly residualMm: number | null;
  readonly verdict: Verdict;
  readonly note: string;
}

/**
 * Reads what is left of a finding. Without a verdict of the maker's own, the one the numbers suggest is taken; what was
 * not read in mm is judged in words only.
 */
export function readJudgement(fields: Fields, amountMm: number | null): ReadForm<ReadJudgement> {
  const valid = validateJudgement(fields);
  if (!valid.ok) return valid;
  const { left, verdict, note = "" } = valid.value;
  const own = VERDICTS.find(({ id }) => id === verdict)?.id;
  if (amountMm === null) {
    if (!own) return wrong("verdict", "Expected your word on it: cured, better, unchanged, worse or overdone.");
    return { ok: true, value: { residualMm: null, verdict: own, note } };
  }
  if (left === "seen") return wrong("left", "Expected what is left of it: gone, some left, or too far.");
  const residual = left === "gone" ? null : parseSmallLength(fields.residual ?? "", unitOf(fields), LARGEST_CHANGE_MM);
  if (residual && !residual.ok) return wrong("residual", residual.problem.message);
  const residualMm = residual ? (left === "over" ? -residual.value : residual.value) : 0;
  return { ok: true, value: { residualMm, verdict: own ?? suggestVerdict({ amountMm, residualMm }), note } };
}
