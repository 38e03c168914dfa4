import { LATER_STEPS } from "../../laterSteps.ts";
import { fail, ok, type Result } from "../../result.ts";
import type { Change, ChangePart } from "../change/change.ts";
import { linkedFor } from "../change/linkedLines.ts";
import { type Remedy, withoutFormula } from "../finding/kinds/findingKind.ts";
import type { Finding } from "../fitting.ts";
import type { Prototype } from "../prototype/prototype.ts";
import type { LearnedShares } from "./learnShare.ts";
import { MOST_SHARE } from "./propose.ts";
import { type FindingProposal, proposeFor } from "./proposeFor.ts";

/** What a word is said on. */
export interface DecidedOn {
  readonly finding: Pick<Finding, "kind" | "spot" | "zone" | "side" | "amountMm" | "detail">;
  /** The prototype it was found on. */
  readonly prototype: Prototype;
  readonly learned: LearnedShares;
}

/** What is proposed, and which of its remedies the maker speaks of. */
export interface Proposed {
  readonly proposal: FindingProposal;
  /** Null where nothing is proposed. */
  readonly chosen: Remedy | null;
}

/** The maker's word on a finding. Amounts in mm. */
export type Word =
  | { readonly is: "accepted" }
  /** An amount of her own, above 0; its direction as proposed, unless she says which. */
  | { readonly is: "altered"; readonly to: "amount"; readonly amountMm: number; readonly sign: -1 | 1 | null }
  /** Amounts of her own, above 0, for parts that are read apart, by their ids; a part left out is not moved. */
  | { readonly is: "altered"; readonly to: "parts"; readonly amountsMm: Readonly<Record<string, number>> }
  | { readonly is: "altered"; readonly to: "share"; readonly share: number }
  /** Work in words, no amount. */
  | { readonly is: "altered"; readonly to: "words" }
  | { readonly is: "waiting"; readonly waitsFor: string }
  | { readonly is: "refused" };

/** A decision as it is kept, without its finding. */
export type DecidedChange = Omit<Change, "id" | "findingId" | "cutInto" | "version">;

/**
 * What is proposed for a finding now, and the remedy of it that is spoken of: the first where none is named.
 *
 * @param seams seams the change is to be spread over, a whole number from 1.
 * @returns problems as {@link proposeFor}; `remedy-gone` where the one that is named is no longer proposed.
 */
export function proposedFor(on: DecidedOn, named: string, seams: number): Result<Proposed> {
  const proposal = proposeFor(on.finding, on.prototype, { seams, learned: on.learned });
  if (!proposal.ok) return proposal;
  const { remedies } = proposal.value;
  const chosen = named === "" ? (remedies[0] ?? null) : remedies.find(({ id }) => id === named);
  if (chosen === undefined) return fail("remedy-gone", `Expected a remedy that is proposed, but got “${named}”.`);
  return ok({ proposal: proposal.value, chosen });
}

/** Parts of a remedy whose amounts are read apart, and may be decided apart. */
export const partsApart = (remedy: Pick<Remedy, "parts"> | null): Remedy["parts"] =>
  (remedy?.parts ?? []).filter(({ readMm }) => readMm !== null);

/**
 * What the maker's word makes of a proposal: the change to keep.
 *
 * @param reason her words; needed to refuse, and for work that is no amount.
 * @returns `nothing-proposed`, `share-out-of-range`, `step-unknown`, `reason-missing`.
 */
export function decide(
  on: DecidedOn,
  { proposal, chosen }: Proposed,
  { word, seams, reason }: { readonly word: Word; readonly seams: number; readonly reason: string },
): Result<DecidedChange> {
  const change: DecidedChange = { ...undecided(on, proposal, chosen), decision: word.is, reason };
  switch (word.is) {
    case "accepted":
      if (!chosen) {
        return fail("nothing-proposed", "Expected something to take: nothing is proposed yet. Alter it, or refuse it.");
      }
      return ok({ ...change, amountMm: chosen.amountMm, parts: chosen.parts.map(withoutFormula) });
    case "altered":
      return altered(on, { proposal, chosen }, { word, seams, change });
    case "waiting": {
      const waitsFor = LATER_STEPS.find((step) => step === word.waitsFor);
      if (!waitsFor) return fail("step-unknown", "Expected the sewing step at which it is looked at again.");
      return ok({ ...change, linked: [], waitsFor });
    }
    case "refused":
      if (reason === "") return fail("reason-missing", "Expected the reason for refusing, but the field is empty.");
      return ok({ ...change, linked: [] });
  }
}

/** Where a change would act and what was proposed, before anything is said. */
function undecided({ finding, prototype }: DecidedOn, { taken, there }: FindingProposal, chosen: Remedy | null) {
  const { spot, zone, side } = finding;
  const pieces = chosen?.pieces ?? "";
  return {
    ...{ spot, zone, side, pieces },
    on: chosen?.on ?? ("making" as const),
    remedy: chosen?.id ?? "",
    lengthId: chosen?.lengthId ?? "",
    // The line of a remedy; one that has none is told by its name.
    line: chosen ? chosen.line || chosen.name : "",
    blend: chosen?.blend ?? "",
    share: taken?.share ?? null,
    proposedMm: chosen?.amountMm ?? null,
    amountMm: null,
    parts: [],
    // An amount that does not come by the share rule was divided by nothing here.
    strain: chosen?.by === null && taken ? (there?.strain ?? 0) : null,
    seams: chosen?.seams ?? 1,
    linked: linkedFor(pieces, prototype.frozen.layers),
    untickedReason: "",
    waitsFor: "",
  };
}

interface Altering {
  readonly word: Extract<Word, { is: "altered" }>;
  readonly seams: number;
  readonly change: DecidedChange;
}

function altered(on: DecidedOn, proposed: Proposed, { word, seams, change }: Altering): Result<DecidedChange> {
  switch (word.to) {
    case "words":
      if (change.reason === "") return fail("reason-missing", "Expected what you will do, in words, or an amount.");
      return ok({ ...change, line: change.reason });
    case "share":
      return byShare(on, proposed, { share: word.share, seams, change });
    case "parts":
      return ok(byParts(proposed, word.amountsMm, change));
    case "amount":
      return ok({ ...change, ...byAmount(on, proposed, word), seams: proposed.chosen?.seams ?? seams });
  }
}

function byAmount(
  { finding }: DecidedOn,
  { proposal: { there, taken }, chosen }: Proposed,
  word: Extract<Word, { to: "amount" }>,
): Pick<DecidedChange, "share" | "amountMm" | "parts"> {
  const amountMm = (word.sign ?? ((chosen?.amountMm ?? 1) < 0 ? -1 : 1)) * word.amountMm;
  const worn = word.amountMm * (1 + (there?.strain ?? 0));
  // Parts of one amount are shared out as the proposal does.
  const scale = chosen?.amountMm ? amountMm / chosen.amountMm : 0;
  return {
    share: taken && finding.amountMm !== null ? worn / finding.amountMm : null,
    amountMm,
    parts: (chosen?.parts ?? []).map((part) => ({ ...withoutFormula(part), amountMm: part.amountMm * scale })),
  };
}

function byParts(
  { chosen }: Proposed,
  amountsMm: Readonly<Record<string, number>>,
  change: DecidedChange,
): DecidedChange {
  const parts = (chosen?.parts ?? []).flatMap((part): ChangePart[] => {
    const own = amountsMm[part.id];
    return own === undefined ? [] : [{ ...withoutFormula(part), amountMm: Math.sign(part.amountMm) * own }];
  });
  const [first] = parts;
  const worn = first ? Math.abs(first.amountMm) * (1 + (first.strain ?? 0)) : 0;
  return {
    ...change,
    share: first?.readMm ? worn / first.readMm : null,
    amountMm: first?.amountMm ?? null,
    parts,
    pieces: [...new Set(parts.map((part) => part.pieces))].join(", "),
  };
}

function byShare(
  { finding, prototype }: DecidedOn,
  { chosen }: Proposed,
  { share, seams, change }: { readonly share: number; readonly seams: number; readonly change: DecidedChange },
): Result<DecidedChange> {
  const own = proposeFor(finding, prototype, { share, seams });
  const mine = own.ok ? own.value.remedies.find(({ id }) => id === chosen?.id) : null;
  if (!mine || mine.by !== null) {
    return fail(
      "share-out-of-range",
      `Expected a share above 0 and up to ${MOST_SHARE}, such as 0.8, but got “${share}”.`,
    );
  }
  return ok({ ...change, share, amountMm: mine.amountMm, parts: mine.parts.map(withoutFormula) });
}
