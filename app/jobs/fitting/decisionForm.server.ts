import {
  type Change,
  type DecidedChange,
  type DecidedOn,
  decide,
  MOST_SHARE,
  type Proposed,
  partsApart,
  proposedFor,
  type Remedy,
  type Word,
} from "../../../core/fitting/index.ts";
import { parseQuantity } from "../../../core/units/index.ts";
import { formValidator } from "../../../formats/validation.ts";
import { choice, formOf, line, notes, version } from "../../form/fields.server.ts";
import { unitOf } from "../../form/formUnit.ts";
import { parseSmallLength } from "../../form/smallLength.ts";
import type { Fields } from "../../form/unsaved.ts";
import { type ReadForm, wrong } from "./fittingForm.server.ts";
import { partField, seenKey } from "./seenKey.ts";

/** Largest change, mm. */
export const LARGEST_CHANGE_MM = 500;

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
export type ReadDecision = DecidedChange & Pick<Change, "version">;

/** The field a problem of a decision is told beside; what is not named here stands on the form. */
const FIELD_OF: Readonly<Record<string, string>> = {
  "nothing-proposed": "decision",
  "share-out-of-range": "share",
  "step-unknown": "waitsFor",
  "reason-missing": "reason",
};

const MOVED_ON = "Expected the proposal you were shown, but it has changed since. This is the new one: look again.";

/**
 * Reads the maker's word on a proposal: a remedy taken as it is, altered to an amount or a share of her own, put off to
 * a sewing step, or refused with a reason. The proposal itself is computed again here, never trusted from the form.
 */
export function readDecision(fields: Fields, on: DecidedOn): ReadForm<ReadDecision> {
  const valid = validate({ seams: "1", ...fields });
  if (!valid.ok) return valid;
  const seams = Number(valid.value.seams);
  if (!Number.isInteger(seams) || seams < 1 || seams > MOST_SEAMS) {
    return wrong("seams", `Expected a whole number of seams from 1 to ${MOST_SEAMS}, but got “${valid.value.seams}”.`);
  }
  const decision = valid.value.decision as Word["is"];
  const doing = decision === "accepted" || decision === "altered";
  const named = proposedFor(on, fields.remedy ?? "", seams);
  // What is put off or refused may have been proposed otherwise since: it is not done either way.
  const proposed = named.ok || doing ? named : proposedFor(on, "", seams);
  if (!proposed.ok) return wrong("form", proposed.problem.code === "remedy-gone" ? MOVED_ON : proposed.problem.message);
  if (doing && hasMoved(fields, proposed.value.chosen)) return wrong("form", MOVED_ON);
  const word = readWord(decision, fields, proposed.value);
  if (!word.ok) return word;
  const reason = (valid.value.reason ?? "").trim();
  const decided = decide(on, proposed.value, { word: word.value, seams, reason });
  if (!decided.ok) return wrong(FIELD_OF[decided.problem.code] ?? "form", decided.problem.message);
  return { ok: true, value: { ...decided.value, version: Number(valid.value.version) } };
}

/** True where the amount a form was filled in beside is no longer the one that is proposed. */
function hasMoved({ seen }: Fields, chosen: Remedy | null): boolean {
  return seen !== undefined && seen !== "" && seen !== seenKey(chosen);
}

function readWord(is: Word["is"], fields: Fields, { chosen }: Proposed): ReadForm<Word> {
  if (is === "waiting") return { ok: true, value: { is, waitsFor: fields.waitsFor ?? "" } };
  if (is !== "altered") return { ok: true, value: { is } };
  const apart = partsApart(chosen);
  const shareText = (fields.share ?? "").trim();
  const amountText = [fields.amount ?? "", ...apart.map(({ id }) => fields[partField(id)] ?? "")].join("").trim();
  if (shareText === "" && amountText === "" && !chosen?.amountMm) return { ok: true, value: { is, to: "words" } };
  if ((shareText === "") === (amountText === "")) {
    const came = shareText === "" ? "both fields are empty" : "both are filled in";
    const field = apart[0] ? partField(apart[0].id) : "amount";
    return wrong(field, `Expected either an amount or a share of your own, but ${came}.`);
  }
  if (shareText !== "") return readShare(shareText);
  return apart.length > 0 ? readParts(fields, apart) : readOwnAmount(fields);
}

function readShare(text: string): ReadForm<Word> {
  const share = parseQuantity(text);
  if (share !== null) return { ok: true, value: { is: "altered", to: "share", share } };
  return wrong("share", `Expected a share above 0 and up to ${MOST_SHARE}, such as 0.8, but got “${text}”.`);
}

function readParts(fields: Fields, apart: Remedy["parts"]): ReadForm<Word> {
  const errors: Record<string, string> = {};
  const amountsMm: Record<string, number> = {};
  for (const { id } of apart) {
    const name = partField(id);
    if ((fields[name] ?? "").trim() === "") continue;
    const amount = readAmount(fields, name);
    if (amount.ok) amountsMm[id] = amount.value;
    else errors[name] = amount.problem.message;
  }
  if (Object.keys(errors).length > 0) return { ok: false, errors };
  return { ok: true, value: { is: "altered", to: "parts", amountsMm } };
}

function readOwnAmount(fields: Fields): ReadForm<Word> {
  const amount = readAmount(fields, "amount");
  if (!amount.ok) return wrong("amount", amount.problem.message);
  const sign = fields.direction === "take" ? -1 : fields.direction === "give" ? 1 : null;
  return { ok: true, value: { is: "altered", to: "amount", amountMm: amount.value, sign } };
}

const readAmount = (fields: Fields, name: string) =>
  parseSmallLength(fields[name] ?? "", unitOf(fields), LARGEST_CHANGE_MM);
