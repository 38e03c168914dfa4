import type { Term } from "../../../explain/index.ts";
import type { ChangePart, ChangeTarget } from "../../change/change.ts";
import type { FrozenLength } from "../../prototype/frozenPlan.ts";
import type { FindingSide } from "../findingSide.ts";
import type { SpotId } from "../spot.ts";

/** Every kind of finding; a stable id each. */
export const FINDING_KIND_IDS = [
  "loose",
  "tight",
  "gape",
  "pool",
  "short",
  "rides",
  "digs",
  "drag",
  "swing",
  "shifted_line",
  "shifted_apex",
  "cup_spill",
  "cup_empty",
  "wire_off",
  "gap_shape",
  "seam_popped",
  "sheer",
  "edge_wave",
  "closure",
  "uneven",
  "comfort",
] as const;

/** One of {@link FINDING_KIND_IDS}. */
export type FindingKindId = (typeof FINDING_KIND_IDS)[number];

/** What a kind asks for beside its amount, as kept: amounts in mm, words, ticks as `yes`. */
export type FindingDetail = Readonly<Record<string, string | number>>;

/**
 * How a change for a kind acts: takes cloth off, gives some, moves a line or a point to a closed measure, gives
 * something another shape, or is only kept. The share rule follows from it.
 */
export type FindingEffect = "removal" | "addition" | "move" | "reshape" | "note";

/** In which direction the cloth's strain counts: round the body, along it, or none where an edge hangs free. */
export type StrainDirection = "round" | "along" | "free";

/** One more thing a kind asks for. */
export type FindingField =
  | {
      readonly id: string;
      readonly label: string;
      readonly type: "choice";
      readonly choices: readonly { readonly value: string; readonly label: string }[];
      readonly needed: boolean;
    }
  | {
      readonly id: string;
      readonly label: string;
      readonly type: "amount";
      readonly hint: string;
      readonly needed: boolean;
    }
  | { readonly id: string; readonly label: string; readonly type: "spot"; readonly needed: boolean }
  | { readonly id: string; readonly label: string; readonly type: "tick"; readonly needed: boolean };

/** What a kind's rule looks at. Lengths in mm. */
export interface FindingFacts {
  readonly spot: SpotId;
  readonly side: FindingSide;
  /** True where a band carries cups: such a garment has wings and cups where others have a front and a back. */
  readonly hasBand: boolean;
  readonly amountMm: number | null;
  readonly detail: FindingDetail;
  /** By the share rule, on resting cloth, signed; null where nothing was read in mm. */
  readonly takeMm: number | null;
  /** Share of what was read that is taken, for amounts that are read apart. */
  readonly share: number;
  /** Strain of the cloth along a length of the plan; null where the garment has no such length. */
  alongStrain(lengthId: string): number | null;
  /** Seams that usually take a girth change there. */
  readonly seams: { readonly count: number; readonly name: string };
  /** Usable stretch of the cloth, ratio. */
  readonly usable: number;
  /** Part of the usable stretch in use there; null where no girth is planned there or the cloth has none. */
  readonly shareUsed: number | null;
  /** The girth that the school planned and the one that is judged; null where there is no such girth. */
  readonly girth: { readonly plannedMm: number; readonly judgedMm: number } | null;
  /** Lengths the garment was cut to. */
  readonly lengths: readonly FrozenLength[];
}

/** One way to answer a finding: what is done, on which pieces, at which line, by how much. */
export interface Remedy {
  /** Stable within the kind. */
  readonly id: string;
  readonly on: ChangeTarget;
  /** What to do, as an order: `Take the girth in`. */
  readonly name: string;
  readonly pieces: string;
  readonly line: string;
  readonly blend: string;
  /** Signed, on resting cloth, mm; null where the remedy is no amount. */
  readonly amountMm: number | null;
  /** Seams it is divided over, two piece edges each; null where it is not divided. */
  readonly seams: number | null;
  /** Length of the plan it changes; empty else. */
  readonly lengthId: string;
  /** Its amounts piece by piece, where they differ; empty where one amount is meant for all of its pieces. */
  readonly parts: readonly RemedyPart[];
  /** Reason, conditions and what follows, in plain words. */
  readonly why: string;
  /** How its amount comes about where that is not the share rule; null where it is. */
  readonly by: AmountFormula | null;
}

/** One of the amounts of a remedy. */
export interface RemedyPart extends ChangePart {
  /** How its amount comes about. */
  readonly by: AmountFormula;
}

/** A part as it is kept: without its formula, which is drawn from its numbers again. */
export const withoutFormula = ({ by: _formula, ...part }: RemedyPart): ChangePart => part;

/** A formula of a remedy's amount with its terms. */
export interface AmountFormula {
  readonly formula: string;
  readonly terms: readonly Term[];
}

/** A remedy with what most leave empty. */
export const remedy = (own: Partial<Remedy> & Pick<Remedy, "id" | "on" | "name" | "why">): Remedy => ({
  pieces: "",
  line: "",
  blend: "",
  amountMm: null,
  seams: null,
  lengthId: "",
  parts: [],
  by: null,
  ...own,
});

/** What a rule answers: the first remedy is the proposal, the others stand beside it. */
export interface FindingAnswer {
  readonly remedies: readonly Remedy[];
  /** What to find out before one of them can be chosen. */
  readonly asks?: readonly string[];
  /** Where it can hurt someone. */
  readonly cautions?: readonly string[];
}

/** One kind of finding: what is seen, where, how it is read and what is first proposed. */
export interface FindingKind {
  readonly id: FindingKindId;
  readonly name: string;
  /** What the fitter sees or feels. */
  readonly sees: string;
  readonly spots: readonly SpotId[];
  /** What is read in mm; null for a kind without an amount. */
  readonly amount: {
    readonly name: string;
    readonly howToRead: string;
    readonly needed: boolean;
    /** It may have been read as the depth of a fold, which counts twice. */
    readonly canBeFolded: boolean;
  } | null;
  readonly fields: readonly FindingField[];
  readonly effect: FindingEffect;
  readonly strain: StrainDirection;
  answer(facts: FindingFacts): FindingAnswer;
}
