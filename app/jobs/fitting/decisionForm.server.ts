import {
  type Change,
  type ChangePart,
  type Decision,
  type Finding,
  type FindingProposal,
  LATER_STEPS,
  type LearnedShares,
  linkedFor,
  MOST_SHARE,
  type Prototype,
  proposeFor,
  type Remedy,
  suggestVerdict,
  VERDICTS,
  type Verdict,
  withoutFormula,
} from "../../../core/fitting/index.ts";
import { parseQuantity } from "../../../core/units/index.ts";
import { formValidator } from "../../../formats/validation.ts";
import { choice, formOf, line, notes, version } from "../../form/fields.server.ts";
import { parseSmallLength } from "../../form/smallLength.ts";
import type { Fields } from "../../form/unsaved.ts";
import type { ReadForm } from "./fittingForm.server.ts";
import { partField, seenKey } from "./seenKey.ts";

/** Largest change, mm. */
const LARGEST_CHANGE_MM = 500;

/** Most seams a change is spread over. */
const MOST_SEAMS = 24;

const validate = formValidator(
  formOf({
    decision: choice("your word", ["accepted", "altered", "waiting", "refused"]),
    seams: line("a number of seams"),
    reason: notes(),
    version: version(),
  }),
);

/** A decision as it is stored, without its finding. */
export type ReadDecision = Omit<Change, "id" | "findingId" | "cutInto">;

/** What a word on a finding is read against. */
export interface DecidedOn {
  readonly finding: Finding;
  /** The prototype it was found on. */
  readonly prototype: Prototype;
  readonly learned: LearnedShares;
}

/**
 * Reads the maker's word on a proposal: a remedy taken as it is, altered to an amount or a share of her own, put off to
 * a sewing step, or refused with a reason. The proposal itself is computed again here, never trusted from the form.
 */
export function readDecision(fields: Fields, on: DecidedOn): ReadForm<ReadDecision> {
  const valid = validate({ seams: "1", ...fields });
  if (!valid.ok) return valid;
  const decision = valid.value.decision as Decision;
  const seams = Number(valid.value.seams);
  if (!Number.isInteger(seams) || seams < 1 || seams > MOST_SEAMS) {
    return wrong("seams", `Expected a whole number of seams from 1 to ${MOST_SEAMS}, but got “${valid.value.seams}”.`);
  }
  const { finding, prototype, learned } = on;
  const first = proposeFor(finding, prototype, { seams, learned });
  if (!first.ok) return wrong("form", first.problem.message);
  const chosen = remedyOf(fields, first.value);
  const doing = decision === "accepted" || decision === "altered";
  if (doing && (chosen === undefined || hasMoved(fields, chosen))) {
    return wrong(
      "form",
      "Expected the proposal you were shown, but it has changed since. This is the new one: look again.",
    );
  }
  const common = {
    ...placeOfChange(finding, chosen ?? null, prototype),
    decision,
    share: first.value.taken?.share ?? null,
    proposedMm: chosen?.amountMm ?? null,
    amountMm: null,
    parts: [],
    strain: chosen?.by === null && first.value.taken ? (first.value.there?.strain ?? 0) : null,
    seams: chosen?.seams ?? 1,
    reason: (valid.value.reason ?? "").trim(),
    version: Number(valid.value.version),
  };
  if (decision === "accepted") {
    if (!chosen)
      return wrong("decision", "Expected something to take: nothing is proposed yet. Alter it, or refuse it.");
    return { ok: true, value: { ...common, amountMm: chosen.amountMm, parts: chosen.parts.map(withoutFormula) } };
  }
  if (decision === "altered") return altered(fields, on, { common, chosen: chosen ?? null, seams, first: first.value });
  if (decision === "waiting") {
    const waitsFor = LATER_STEPS.find((step) => step === fields.waitsFor);
    if (!waitsFor) return wrong("waitsFor", "Expected the sewing step at which it is looked at again.");
    return { ok: true, value: { ...common, linked: [], waitsFor } };
  }
  if (common.reason === "") return wrong("reason", "Expected the reason for refusing, but the field is empty.");
  return { ok: true, value: { ...common, linked: [] } };
}

/** The remedy a form asks for: the first where it names none, null where nothing is proposed, undefined where it is gone. */
function remedyOf({ remedy = "" }: Fields, { remedies }: FindingProposal): Remedy | null | undefined {
  return remedy === "" ? (remedies[0] ?? null) : remedies.find(({ id }) => id === remedy);
}

/** True where the amount a form was filled in beside is no longer the one that is proposed. */
function hasMoved({ seen }: Fields, chosen: Remedy | null): boolean {
  return seen !== undefined && seen !== "" && seen !== seenKey(chosen);
}

function placeOfChange(finding: Finding, chosen: Remedy | null, prototype: Prototype) {
  const { spot, zone, side } = finding;
  const pieces = chosen?.pieces ?? "";
  return {
    on: chosen?.on ?? ("making" as const),
    remedy: chosen?.id ?? "",
    spot,
    zone,
    side,
    lengthId: chosen?.lengthId ?? "",
    pieces,
    line: chosen ? lineOf(chosen) : "",
    blend: chosen?.blend ?? "",
    linked: linkedFor(pieces, prototype.frozen.layers),
    untickedReason: "",
    waitsFor: "",
  };
}

/** The line of a remedy; one that has none is told by its name. */
const lineOf = ({ line: text, name }: Remedy): string => (text === "" ? name : text);

interface Altering {
  readonly common: ReadDecision;
  readonly chosen: Remedy | null;
  readonly seams: number;
  readonly first: FindingProposal;
}

function altered(fields: Fields, on: DecidedOn, altering: Altering): ReadForm<ReadDecision> {
  const { common, chosen } = altering;
  const shareText = (fields.share ?? "").trim();
  const apart = (chosen?.parts ?? []).filter(({ readMm }) => readMm !== null);
  const amountText = [fields.amount ?? "", ...apart.map(({ id }) => fields[partField(id)] ?? "")].join("").trim();
  if (shareText === "" && amountText === "" && !chosen?.amountMm) {
    if (common.reason === "") return wrong("reason", "Expected what you will do, in words, or an amount.");
    return { ok: true, value: { ...common, line: common.reason } };
  }
  const amountField = apart[0] ? partField(apart[0].id) : "amount";
  if ((shareText === "") === (amountText === "")) {
    const came = shareText === "" ? "both fields are empty" : "both are filled in";
    return wrong(amountField, `Expected either an amount or a share of your own, but ${came}.`);
  }
  if (shareText !== "") return ownShare(shareText, on, altering);
  return apart.length > 0 ? ownParts(fields, altering) : ownAmount(fields, on, altering);
}

function ownAmount(
  fields: Fields,
  { finding }: DecidedOn,
  { common, chosen, seams, first }: Altering,
): ReadForm<ReadDecision> {
  const amount = readAmount(fields, "amount");
  if (!amount.ok) return wrong("amount", amount.problem.message);
  const amountMm = signOf(fields, chosen) * amount.value;
  const worn = amount.value * (1 + (first.there?.strain ?? 0));
  const share = first.taken && finding.amountMm !== null ? worn / finding.amountMm : null;
  // Parts of one amount are shared out as the proposal does.
  const scale = chosen?.amountMm ? amountMm / chosen.amountMm : 0;
  const parts = (chosen?.parts ?? []).map((part) => ({ ...withoutFormula(part), amountMm: part.amountMm * scale }));
  return { ok: true, value: { ...common, share, amountMm, parts, seams: chosen?.seams ?? seams } };
}

/** An amount of one's own for each part that is read apart; one left empty is not moved. */
function ownParts(fields: Fields, { common, chosen }: Altering): ReadForm<ReadDecision> {
  const errors: Record<string, string> = {};
  const parts = (chosen?.parts ?? []).flatMap((part): ChangePart[] => {
    const name = partField(part.id);
    if ((fields[name] ?? "").trim() === "") return [];
    const amount = readAmount(fields, name);
    if (!amount.ok) errors[name] = amount.problem.message;
    else return [{ ...withoutFormula(part), amountMm: Math.sign(part.amountMm) * amount.value }];
    return [];
  });
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  const first = parts[0];
  const worn = first ? Math.abs(first.amountMm) * (1 + (first.strain ?? 0)) : 0;
  const share = first?.readMm ? worn / first.readMm : null;
  const pieces = [...new Set(parts.map((part) => part.pieces))].join(", ");
  return { ok: true, value: { ...common, share, amountMm: first?.amountMm ?? null, parts, pieces } };
}

const readAmount = (fields: Fields, name: string) =>
  parseSmallLength(fields[name] ?? "", fields.unit === "in" ? "in" : "cm", LARGEST_CHANGE_MM);

function ownShare(
  shareText: string,
  { finding, prototype }: DecidedOn,
  { common, chosen, seams }: Altering,
): ReadForm<ReadDecision> {
  const share = parseQuantity(shareText);
  const own = share === null ? null : proposeFor(finding, prototype, { share, seams });
  const mine = own?.ok ? own.value.remedies.find(({ id }) => id === chosen?.id) : null;
  if (share === null || !mine || mine.by !== null) {
    return wrong("share", `Expected a share above 0 and up to ${MOST_SHARE}, such as 0.8, but got “${shareText}”.`);
  }
  return { ok: true, value: { ...common, share, amountMm: mine.amountMm, parts: mine.parts.map(withoutFormula) } };
}

/** The direction of an amount of one's own: as proposed, unless the form says which way. */
function signOf({ direction }: Fields, chosen: Remedy | null): 1 | -1 {
  if (direction === "take") return -1;
  if (direction === "give") return 1;
  return (chosen?.amountMm ?? 1) < 0 ? -1 : 1;
}

const wrong = (field: string, message: string): { ok: false; errors: Record<string, string> } => ({
  ok: false,
  errors: { [field]: message },
});

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
  const residual =
    left === "gone"
      ? null
      : parseSmallLength(fields.residual ?? "", fields.unit === "in" ? "in" : "cm", LARGEST_CHANGE_MM);
  if (residual && !residual.ok) return wrong("residual", residual.problem.message);
  const residualMm = residual ? (left === "over" ? -residual.value : residual.value) : 0;
  return { ok: true, value: { residualMm, verdict: own ?? suggestVerdict({ amountMm, residualMm }), note } };
}
