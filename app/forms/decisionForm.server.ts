import { findingKindOf } from "../../core/fitting/findings/index.ts";
import type { Change, Decision, Finding } from "../../core/fitting/fitting.ts";
import type { LearnedShares } from "../../core/fitting/learnShare.ts";
import { suggestVerdict, VERDICTS, type Verdict } from "../../core/fitting/outcome.ts";
import { MOST_SHARE } from "../../core/fitting/propose.ts";
import { proposeFor } from "../../core/fitting/proposeFor.ts";
import type { Prototype } from "../../core/fitting/prototype.ts";
import { parseQuantity } from "../../core/units/parseQuantity.ts";
import { formValidator } from "../../formats/validation.ts";
import { choice, formOf, line, notes, version } from "./fields.server.ts";
import type { ReadForm } from "./fittingForm.server.ts";
import { parseSmallLength } from "./smallLength.ts";
import type { Fields } from "./unsaved.ts";

/** Largest change of a girth, mm. */
const LARGEST_CHANGE_MM = 500;

/** Most seams a change is spread over. */
const MOST_SEAMS = 24;

const validate = formValidator(
  formOf({
    decision: choice("your word", ["accepted", "altered", "refused"]),
    seams: line("a number of seams"),
    reason: notes(),
    version: version(),
  }),
);

/** A decision as it is stored, without its finding. */
export type ReadDecision = Pick<
  Change,
  "decision" | "share" | "proposedMm" | "amountMm" | "seams" | "reason" | "version"
>;

/**
 * Reads the maker's word on a proposal: taken as it is, altered to an amount or a share of her own, or refused with a
 * reason. The proposal itself is computed again here, never trusted from the form.
 */
export function readDecision(
  fields: Fields,
  finding: Finding,
  prototype: Prototype,
  learned: LearnedShares,
): ReadForm<ReadDecision> {
  const valid = validate(fields);
  if (!valid.ok) return valid;
  const decision = valid.value.decision as Decision;
  const seams = Number(valid.value.seams);
  if (!Number.isInteger(seams) || seams < 1 || seams > MOST_SEAMS) {
    return wrong("seams", `Expected a whole number of seams from 1 to ${MOST_SEAMS}, but got “${valid.value.seams}”.`);
  }
  const first = proposeFor(finding, prototype, { seams, learned });
  if (!first.ok) return wrong("form", first.problem.message);
  const { share, takeMm } = first.value;
  const common = {
    decision,
    proposedMm: takeMm,
    seams,
    reason: valid.value.reason ?? "",
    version: Number(valid.value.version),
  };
  if (decision === "accepted") return { ok: true, value: { ...common, share, amountMm: takeMm } };
  if (decision === "altered") {
    const own = ownAmount(fields, finding, prototype, seams);
    return own.ok ? { ok: true, value: { ...common, ...own.value } } : own;
  }
  if (common.reason === "") return wrong("reason", "Expected the reason for refusing, but the field is empty.");
  return { ok: true, value: { ...common, share, amountMm: null } };
}

function ownAmount(
  fields: Fields,
  finding: Finding,
  prototype: Prototype,
  seams: number,
): ReadForm<{ share: number; amountMm: number }> {
  const shareText = (fields.share ?? "").trim();
  const amountText = (fields.amount ?? "").trim();
  if ((shareText === "") === (amountText === "")) {
    const came = shareText === "" ? "both fields are empty" : "both are filled in";
    return wrong("amount", `Expected either an amount or a share of your own, but ${came}.`);
  }
  if (amountText !== "") {
    const amount = parseSmallLength(amountText, fields.unit === "in" ? "in" : "cm", LARGEST_CHANGE_MM);
    if (!amount.ok) return wrong("amount", amount.problem.message);
    const sign = findingKindOf(finding.kind).effect === "removal" ? -1 : 1;
    const strain = proposeFor(finding, prototype, { seams });
    const worn = amount.value * (1 + (strain.ok ? (strain.value.there?.strain ?? 0) : 0));
    return { ok: true, value: { share: worn / finding.amountMm, amountMm: sign * amount.value } };
  }
  const share = parseQuantity(shareText);
  const proposal = share === null ? null : proposeFor(finding, prototype, { share, seams });
  if (share === null || !proposal?.ok) {
    return wrong("share", `Expected a share above 0 and up to ${MOST_SHARE}, such as 0.8, but got “${shareText}”.`);
  }
  return { ok: true, value: { share, amountMm: proposal.value.takeMm } };
}

const wrong = (field: string, message: string): { ok: false; errors: Record<string, string> } => ({
  ok: false,
  errors: { [field]: message },
});

const VERDICT_IDS = VERDICTS.map(({ id }) => id);

const validateJudgement = formValidator(
  formOf({
    left: choice("what is left", ["gone", "still", "over"]),
    verdict: choice("a verdict", ["", ...VERDICT_IDS]),
    note: notes(),
  }),
);

/** What was seen of a change at the next fitting. */
export interface ReadJudgement {
  readonly residualMm: number;
  readonly verdict: Verdict;
  readonly note: string;
}

/** Reads what is left of a finding. Without a verdict of the maker's own, the one the numbers suggest is taken. */
export function readJudgement(fields: Fields, finding: Pick<Finding, "amountMm">): ReadForm<ReadJudgement> {
  const valid = validateJudgement(fields);
  if (!valid.ok) return valid;
  const { left, verdict, note = "" } = valid.value;
  const residual =
    left === "gone"
      ? null
      : parseSmallLength(fields.residual ?? "", fields.unit === "in" ? "in" : "cm", LARGEST_CHANGE_MM);
  if (residual && !residual.ok) return wrong("residual", residual.problem.message);
  const residualMm = residual ? (left === "over" ? -residual.value : residual.value) : 0;
  const own = VERDICTS.find(({ id }) => id === verdict)?.id;
  return {
    ok: true,
    value: { residualMm, verdict: own ?? suggestVerdict({ amountMm: finding.amountMm, residualMm }), note },
  };
}
