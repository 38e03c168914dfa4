import { shippedStyle } from "../ease/styles/index.ts";
import type { Result } from "../result.ts";
import type { Finding } from "./fitting.ts";
import type { LearnedShares } from "./learnShare.ts";
import { touches } from "./nextPlan.ts";
import { type Proposal, propose } from "./propose.ts";
import { judgedGirthMm, type Prototype } from "./prototype.ts";

/** What the proposal for a finding looks at. */
export type ProposableFinding = Pick<Finding, "kind" | "zone" | "side" | "amountMm">;

/** The cloth's strain where a finding was put. */
export interface StrainThere {
  /** 0 where the garment hangs slack: a slack pinch is read on resting cloth. */
  readonly strain: number;
  /** Snug body girth and judged garment girth behind it, mm. */
  readonly bodyMm: number;
  readonly girthMm: number;
  /** Whether the judged girth was measured on the sewn garment or is only planned. */
  readonly basis: "sewn" | "planned";
}

/**
 * Strain of the cloth where a finding was put, on the garment as it was fitted. A finding on both legs uses the more
 * stretched one, so that less is taken rather than more.
 *
 * @returns null where the prototype has no such ring.
 */
export function strainThere(finding: Pick<Finding, "zone" | "side">, prototype: Prototype): StrainThere | null {
  const there = prototype.frozen.rings
    .filter((ring) => touches(finding, ring))
    .flatMap((ring): StrainThere[] => {
      const judged = judgedGirthMm(prototype, ring);
      if (!judged) return [];
      const strain = Math.max(0, ring.bodyMm / judged.girthMm - 1);
      return [{ strain, bodyMm: ring.bodyMm, ...judged }];
    });
  return there.reduce<StrainThere | null>((most, next) => (most && most.strain >= next.strain ? most : next), null);
}

/** The seams that usually take a girth change for a finding: one of two where only one side is to change. */
export function usualSeams(
  finding: Pick<Finding, "zone" | "side">,
  prototype: Prototype,
): { count: number; name: string } {
  const { style, styleId } = prototype.frozen;
  const seams = (style ?? shippedStyle(styleId))?.seamsTakingChange[finding.zone] ?? { count: 1, name: "seam" };
  const oneSide = finding.side !== "both" && seams.count > 1;
  return oneSide ? { count: 1, name: `${finding.side} ${seams.name.replace(/s$/, "")}` } : seams;
}

/** A proposal with what it rests on. */
export interface FindingProposal extends Proposal {
  readonly there: StrainThere | null;
  readonly seams: number;
  readonly shareFrom: ShareSource;
}

/** Where a share comes from: the habit, so many outcomes of the workshop's own, or the maker. */
export interface ShareSource {
  readonly basis: "habit" | "outcomes" | "own";
  /** Outcomes it rests on; 0 unless it was learnt. */
  readonly n: number;
}

/**
 * The first proposal for a finding on a prototype: the share rule with the strain there and the seams that usually
 * take it; the share learnt from the workshop's outcomes in place of the habit, or the maker's own. Problems as {@link propose}.
 */
export function proposeFor(
  finding: ProposableFinding,
  prototype: Prototype,
  own: { readonly share?: number; readonly seams?: number; readonly learned?: LearnedShares } = {},
): Result<FindingProposal> {
  const there = strainThere(finding, prototype);
  const seams = own.seams ?? usualSeams(finding, prototype).count;
  const learned = own.learned?.[finding.kind];
  const learnt = own.share === undefined && learned !== undefined && learned.share !== null;
  const shareFrom: ShareSource = {
    basis: own.share === undefined ? (learnt ? "outcomes" : "habit") : "own",
    n: learnt ? learned.n : 0,
  };
  const proposal = propose({
    finding: finding.kind,
    amountMm: finding.amountMm,
    share: own.share ?? learned?.share ?? undefined,
    strain: there?.strain ?? 0,
    seams,
  });
  return proposal.ok ? { ok: true, value: { ...proposal.value, there, seams, shareFrom } } : proposal;
}
