import type { Zone } from "../../ease/index.ts";
import type { Judgement } from "../decide/judgement.ts";
import type { FindingSide } from "../finding/findingSide.ts";
import type { SpotId } from "../finding/spot.ts";
import type { TracedCurve } from "./traced.ts";

/** The maker's word: a proposal taken, altered, put off or refused; `own` for a change that no finding asked for. */
export type Decision = "accepted" | "altered" | "waiting" | "refused" | "own";

/** What a change acts on. Only girths and lengths reach the plan's numbers; the others are work on the pattern. */
export const CHANGE_TARGETS = [
  "girth",
  "length",
  "edge",
  "line",
  "point",
  "elastic",
  "cup",
  "wire",
  "balance",
  "making",
] as const;

/** One of {@link CHANGE_TARGETS}. */
export type ChangeTarget = (typeof CHANGE_TARGETS)[number];

/** A lining, overlay, facing, sling or net piece that lies on the changed one and takes the same. */
export interface LinkedLine {
  readonly piece: string;
  readonly ticked: boolean;
}

/** One of several amounts of a change: what is read apart, or shared out between pieces, is cut apart. Amounts in mm. */
export interface ChangePart {
  /** Stable within the remedy: `front`, `back`, `top`. */
  readonly id: string;
  readonly pieces: string;
  readonly line: string;
  /** Length of the plan it changes; empty for all that is no length. */
  readonly lengthId: string;
  /** Signed, on resting cloth. */
  readonly amountMm: number;
  /** What was read there; null where the part is a share of one amount. */
  readonly readMm: number | null;
  /** Strain of the cloth there by which it was divided; null where nothing is stretched there. */
  readonly strain: number | null;
}

/** Where and how a change is cut: what the cutting table tells. */
export interface ChangePlace {
  readonly on: ChangeTarget;
  /** Which of the kind's remedies it is; empty for a change of one's own. */
  readonly remedy: string;
  readonly spot: SpotId;
  readonly zone: Zone;
  readonly side: FindingSide;
  /** Length of the plan it changes; empty for all that is no length. */
  readonly lengthId: string;
  /** Pieces it is drawn on: `front, back`. */
  readonly pieces: string;
  /** Line or seam, with where the blend starts and ends. */
  readonly line: string;
  readonly blend: string;
  /** Its amounts piece by piece, where they differ; empty where one amount is meant for all of its pieces. */
  readonly parts: readonly ChangePart[];
  /** The curve that an edge is brought toward; left out where the change is none of that. */
  readonly traced?: TracedCurve;
}

/** What the maker decided, about a finding or of her own accord. Amounts in mm, signed. */
export interface Change extends ChangePlace {
  readonly id: number;
  /** Null for a change that no finding asked for. */
  readonly findingId: number | null;
  readonly decision: Decision;
  /** Share and amount that were proposed at the time; null where nothing was read in mm. */
  readonly share: number | null;
  readonly proposedMm: number | null;
  /** Strain of the cloth by which the proposed amount was divided; null where nothing is stretched there. */
  readonly strain: number | null;
  /** Amount that was decided; of a change in parts read apart, that of the first; null when refused, put off, or not an amount. */
  readonly amountMm: number | null;
  /** Seams the change is spread over, two piece edges each. */
  readonly seams: number;
  readonly linked: readonly LinkedLine[];
  /** Why the prototype may be cut with a linked line unticked; empty while nobody said. */
  readonly untickedReason: string;
  /** The sewing step at which a put-off finding is looked at again. */
  readonly waitsFor: string;
  /** Why it was altered, put off or refused. */
  readonly reason: string;
  /** Number of the prototype it was cut into; null while it waits for one. */
  readonly cutInto: number | null;
  readonly version: number;
}

/** A change that no finding asked for, with what it turned out to have done. */
export interface OwnChange {
  readonly change: Change;
  readonly judgement: Judgement | null;
}
