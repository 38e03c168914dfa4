import { isBoned } from "../../ease/index.ts";
import { ok, type Result } from "../../result.ts";
import { elsewhereOf } from "../../standing/index.ts";
import { hasBand } from "../finding/hasBand.ts";
import type { FindingAnswer, FindingFacts, FindingKind } from "../finding/kinds/findingKind.ts";
import { findingKindOf } from "../finding/kinds/index.ts";
import { lengthAt } from "../finding/kinds/lengthAt.ts";
import { CUP_SPOTS } from "../finding/kinds/spotGroups.ts";
import type { SpotId } from "../finding/spot.ts";
import type { Finding } from "../fitting.ts";
import { isMeantAt } from "../prototype/nextPlan.ts";
import { judgedGirthMm, judgedLengthMm, type Prototype } from "../prototype/prototype.ts";
import type { LearnedShares } from "./learnShare.ts";
import { propose } from "./propose.ts";
import { hasShareRule } from "./shareRule.ts";

/** True for a place on a cup. */
const isOnCup = (spot: SpotId): boolean => CUP_SPOTS.includes(spot) || spot === "bustPoint";

/** What the proposal for a finding looks at. */
export type ProposableFinding = Pick<Finding, "kind" | "spot" | "zone" | "side" | "amountMm" | "detail">;

/** The cloth's strain where a finding was put, in the direction it is read. */
export interface StrainThere {
  /** 0 where the garment hangs slack: a slack pinch is read on resting cloth. */
  readonly strain: number;
  /** Body and judged garment behind it, mm: girths, or lengths; null on a cup, whose strain is set. */
  readonly bodyMm: number | null;
  readonly garmentMm: number | null;
  /** Whether the garment was measured as sewn or is only planned; `cups` for the strain that cups are cut with. */
  readonly basis: "sewn" | "planned" | "cups";
}

/**
 * Strain of the cloth where a finding was put, on the garment as it was fitted, round or along the body as its kind is
 * read. A finding on both legs uses the more stretched one, so that less is taken rather than more.
 *
 * @returns null where the prototype has no such ring or length, and at an edge that hangs free.
 */
export function strainThere(
  finding: Pick<Finding, "kind" | "spot" | "zone" | "side">,
  prototype: Prototype,
): StrainThere | null {
  const { strain } = findingKindOf(finding.kind);
  if (strain === "free") return null;
  if (isOnCup(finding.spot) && hasBand(prototype.frozen.style)) return cupStrain(prototype);
  if (strain === "along") return strainAlong(finding, prototype);
  return mostStretched(finding, prototype);
}

/** A cup is cut to its breast in its own strain, whatever the band below it is stretched by: as Cups or Pieces were told, else as the settings say. */
const cupStrain = ({ frozen: { settings, workings } }: Prototype): StrainThere => ({
  strain: workings.cup?.strain ?? elsewhereOf("cup", workings).strain?.value ?? settings.cupStrain,
  ...{ bodyMm: null, garmentMm: null },
  basis: "cups",
});

/** The most stretched of the rings a finding is on; null where there is none. */
const mostStretched = (finding: Pick<Finding, "zone" | "side">, prototype: Prototype): StrainThere | null =>
  ringsThere(finding, prototype).reduce<StrainThere | null>(
    (most, next) => (most && most.strain >= next.strain ? most : next),
    null,
  );

const ringsThere = (finding: Pick<Finding, "zone" | "side">, prototype: Prototype): StrainThere[] =>
  prototype.frozen.rings
    .filter((ring) => isMeantAt(finding, ring))
    .flatMap((ring): StrainThere[] => {
      const judged = judgedGirthMm(prototype, ring);
      if (!judged) return [];
      const strain = Math.max(0, ring.bodyMm / judged.girthMm - 1);
      return [{ strain, bodyMm: ring.bodyMm, garmentMm: judged.girthMm, basis: judged.basis }];
    });

const strainAlong = ({ spot }: Pick<Finding, "spot">, prototype: Prototype): StrainThere | null =>
  strainOfLength(lengthAt(spot, prototype.frozen.lengths), prototype);

function strainOfLength(lengthId: string, prototype: Prototype): StrainThere | null {
  const judged = judgedLengthMm(prototype, lengthId);
  if (!judged) return null;
  const { bodyMm, lengthMm, basis } = judged;
  return { strain: Math.max(0, bodyMm / lengthMm - 1), bodyMm, garmentMm: lengthMm, basis };
}

/** The seams that usually take a girth change for a finding: one of two where only one side is to change. */
export function usualSeams(
  finding: Pick<Finding, "zone" | "side">,
  prototype: Prototype,
): { count: number; name: string } {
  const seams = prototype.frozen.style.seamsTakingChange[finding.zone] ?? { count: 1, name: "seam" };
  const oneSide = finding.side !== "both" && seams.count > 1;
  return oneSide ? { count: 1, name: `${finding.side} ${seams.name.replace(/s$/, "")}` } : seams;
}

/** Strain of the cloth where something was read: of a boned garment the body gives, and the cloth does not. */
const clothStrain = ({ frozen }: Prototype, strain = 0): number => (isBoned(frozen.style) ? 0 : strain);

/** Where a share comes from: the habit, so many outcomes of the workshop's own, the maker, or no rule at all. */
export interface ShareSource {
  readonly basis: "habit" | "outcomes" | "own" | "whole";
  /** Outcomes it rests on; 0 unless it was learnt. */
  readonly n: number;
}

/** What is taken or given of an amount that was read. */
export interface ShareTaken {
  readonly share: number;
  /** On resting cloth, signed: negative takes cloth off. mm. */
  readonly takeMm: number;
  readonly shareFrom: ShareSource;
}

/** A first proposal: what of the amount, the remedies with the first one proposed, and what to ask and mind. */
export interface FindingProposal extends Required<FindingAnswer> {
  /** Null where nothing was read in mm. */
  readonly taken: ShareTaken | null;
  readonly there: StrainThere | null;
  readonly seams: { readonly count: number; readonly name: string };
}

/** The maker's own share and number of seams, and what the workshop has learnt. */
export interface OwnProposal {
  readonly share?: number | undefined;
  readonly seams?: number | undefined;
  readonly learned?: LearnedShares | undefined;
}

/**
 * The first proposal for a finding on a prototype: the share rule with the strain there and the seams that usually
 * take it; the share learnt from the workshop's outcomes in place of the habit, or the maker's own; then the kind's
 * own rule for what to do where. Problems as {@link propose}.
 */
export function proposeFor(
  finding: ProposableFinding,
  prototype: Prototype,
  own: OwnProposal = {},
): Result<FindingProposal> {
  const kind = findingKindOf(finding.kind);
  const there = strainThere(finding, prototype);
  const usual = usualSeams(finding, prototype);
  const seams = { ...usual, count: own.seams ?? usual.count };
  const taken =
    finding.amountMm === null ? ok(null) : takenOf(kind, finding.amountMm, clothStrain(prototype, there?.strain), own);
  if (!taken.ok) return taken;
  const answer = kind.answer({
    ...finding,
    ...factsThere(finding, prototype),
    hasBand: hasBand(prototype.frozen.style),
    takeMm: taken.value?.takeMm ?? null,
    share: taken.value?.share ?? own.share ?? 1,
    alongStrain: (lengthId) => strainOfLength(lengthId, prototype)?.strain ?? null,
    seams,
    usable: prototype.frozen.stretch.usable,
    lengths: prototype.frozen.lengths,
  });
  return ok({ asks: [], cautions: [], ...answer, taken: taken.value, there, seams });
}

/** What a share of an amount takes or gives; kinds without a share rule are moved by the whole of it. */
function takenOf(kind: FindingKind, amountMm: number, strain: number, own: OwnProposal): Result<ShareTaken> {
  if (!hasShareRule(kind)) {
    const share = own.share ?? 1;
    const shareFrom: ShareSource = { basis: own.share === undefined ? "whole" : "own", n: 0 };
    return ok({ share, takeMm: (share * amountMm) / (1 + strain), shareFrom });
  }
  const learned = own.learned?.[kind.id];
  const learnt = own.share === undefined && learned !== undefined && learned.share !== null;
  const shareFrom: ShareSource = {
    basis: own.share === undefined ? (learnt ? "outcomes" : "habit") : "own",
    n: learnt ? learned.n : 0,
  };
  const proposal = propose({ finding: kind.id, amountMm, share: own.share ?? learned?.share ?? undefined, strain });
  return proposal.ok ? ok({ share: proposal.value.share, takeMm: proposal.value.takeMm, shareFrom }) : proposal;
}

function factsThere(finding: ProposableFinding, prototype: Prototype): Pick<FindingFacts, "shareUsed" | "girth"> {
  const { usable } = prototype.frozen.stretch;
  const most = mostStretched(finding, prototype);
  const ring = prototype.frozen.rings.find((one) => isMeantAt(finding, one));
  const judged = ring ? judgedGirthMm(prototype, ring) : null;
  return {
    shareUsed: most && usable > 0 ? most.strain / usable : null,
    girth: ring && judged ? { plannedMm: ring.plannedMm, judgedMm: judged.girthMm } : null,
  };
}
