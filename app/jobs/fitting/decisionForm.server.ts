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
import { formReader } from "../../../formats/form/formReader.ts";
import {
  choice,
  type FormRead,
  group,
  notes,
  optionalLine,
  orElse,
  orNull,
  ratio,
  record,
  smallLength,
  type ValueOf,
  version,
  whole,
  wrong,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { partField, seenKey } from "./seenKey.ts";

/** Largest change, mm. */
export const LARGEST_CHANGE_MM = 500;

/** Most seams a change is spread over. */
const MOST_SEAMS = 24;

const word = {
  decision: choice("your word", ["accepted", "altered", "waiting", "refused"]),
  seams: orElse(whole({ what: "a number of seams", least: 1, most: MOST_SEAMS }), 1),
  reason: notes(),
  version: version(),
  remedy: optionalLine("a remedy"),
  waitsFor: optionalLine("a sewing step"),
  /** The proposal the form was filled in beside. */
  seen: optionalLine("what was shown", 400),
};

/** What an altered remedy says of its own beside its word; of any other word nothing of it is looked at. */
const own = group({
  share: orNull(ratio(`a share above 0 and up to ${MOST_SHARE}, such as 0.8`)),
  amount: orNull(smallLength(LARGEST_CHANGE_MM)),
  direction: orNull(choice("which way", ["give", "take"])),
  part: record(smallLength(LARGEST_CHANGE_MM), () => true),
});

const readWord = formReader(group(word));
const readOwn = formReader(own);

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
export function readDecision(fields: Fields, on: DecidedOn): FormRead<ReadDecision> {
  const read = readWord(fields);
  if (!read.ok) return read;
  const { decision, seams, reason, remedy, seen, waitsFor } = read.value;
  const doing = decision === "accepted" || decision === "altered";
  const named = proposedFor(on, remedy, seams);
  // What is put off or refused may have been proposed otherwise since: it is not done either way.
  const proposed = named.ok || doing ? named : proposedFor(on, "", seams);
  if (!proposed.ok) return wrong("form", proposed.problem.code === "remedy-gone" ? MOVED_ON : proposed.problem.message);
  const { chosen } = proposed.value;
  // The amount the form was filled in beside is no longer the one that is proposed.
  if (doing && seen !== "" && seen !== seenKey(chosen)) return wrong("form", MOVED_ON);
  const said: FormRead<Word> =
    decision === "waiting"
      ? { ok: true, value: { is: decision, waitsFor } }
      : decision === "altered"
        ? readAltered(fields, proposed.value)
        : { ok: true, value: { is: decision } };
  if (!said.ok) return said;
  const decided = decide(on, proposed.value, { word: said.value, seams, reason });
  if (!decided.ok) return wrong(FIELD_OF[decided.problem.code] ?? "form", decided.problem.message);
  return { ok: true, value: { ...decided.value, version: read.value.version } };
}

function readAltered(fields: Fields, { chosen }: Proposed): FormRead<Word> {
  const read = readOwn(fields);
  if (!read.ok) return read;
  const { share, amount, direction, part } = read.value;
  const apart = partsApart(chosen);
  const parts = partsOf(part, apart);
  const hasAmount = amount !== null || Object.keys(parts).length > 0;
  if (share === null && !hasAmount && !chosen?.amountMm) return { ok: true, value: { is: "altered", to: "words" } };
  if ((share === null) === !hasAmount) {
    const came = share === null ? "both fields are empty" : "both are filled in";
    const field = apart[0] ? partField(apart[0].id) : "amount";
    return wrong(field, `Expected either an amount or a share of your own, but ${came}.`);
  }
  if (share !== null) return { ok: true, value: { is: "altered", to: "share", share } };
  if (apart.length > 0) return { ok: true, value: { is: "altered", to: "parts", amountsMm: parts } };
  const sign = direction === "take" ? -1 : direction === "give" ? 1 : null;
  return { ok: true, value: { is: "altered", to: "amount", amountMm: amount ?? 0, sign } };
}

/** The amounts given to the parts of a remedy that have one of their own. */
const partsOf = (typed: ValueOf<typeof own>["part"], apart: Remedy["parts"]): Record<string, number> =>
  Object.fromEntries(
    apart.flatMap(({ id }) => {
      const mm = typed[id];
      return mm === undefined ? [] : [[id, mm]];
    }),
  );
