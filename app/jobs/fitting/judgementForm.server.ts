import { suggestVerdict, VERDICTS, type Verdict } from "../../../core/fitting/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import { choice, type FormRead, group, notes, orNull, smallLength, wrong } from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { LARGEST_CHANGE_MM } from "./decisionForm.server.ts";

const LEFT = ["gone", "still", "over", "seen"] as const;

const seen = {
  left: choice("what is left", LEFT),
  verdict: orNull(
    choice(
      "a verdict",
      VERDICTS.map(({ id }) => id),
    ),
  ),
  note: notes(),
};

const readSeen = formReader(group(seen));
const readResidual = formReader(group({ residual: smallLength(LARGEST_CHANGE_MM) }));

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
export function readJudgement(fields: Fields, amountMm: number | null): FormRead<ReadJudgement> {
  const read = readSeen(fields);
  if (!read.ok) return read;
  const { left, verdict, note } = read.value;
  if (amountMm === null) {
    if (verdict === null)
      return wrong("verdict", "Expected your word on it: cured, better, unchanged, worse or overdone.");
    return { ok: true, value: { residualMm: null, verdict, note } };
  }
  if (left === "seen") return wrong("left", "Expected what is left of it: gone, some left, or too far.");
  // Of what is gone no amount is asked; what stands in its field from before is not looked at.
  const rest = left === "gone" ? null : readResidual(fields);
  if (rest && !rest.ok) return rest;
  const mm = rest?.value.residual ?? 0;
  const residualMm = left === "over" ? -mm : mm;
  return { ok: true, value: { residualMm, verdict: verdict ?? suggestVerdict({ amountMm, residualMm }), note } };
}
