import type { ClothRole } from "../drafting/index.ts";
import type { Opening, Style, Zone } from "../ease/index.ts";
import type { PiecesId } from "../pieces/index.ts";

/** Every decision about a garment's parts, in the order they are taken. */
export const DECISION_IDS = [
  "front",
  "back",
  "leg",
  "seat",
  "rise",
  "waist",
  "closure",
  "bandClosure",
  "bandLine",
  "lining",
  "pocket",
  "overlay",
] as const;

/** One of {@link DECISION_IDS}. */
export type DecisionId = (typeof DECISION_IDS)[number];

/** Not decided yet. */
export const OPEN = "open";

/** What was decided, decision by decision. */
export type PartChoices = Readonly<Record<DecisionId, string>>;

/** What of a style says which decisions it has. */
export type DecidedStyle = Pick<Style, "zones" | "family" | "lengths">;

/** A piece that an option brings and no recipe draws. */
export interface BroughtPiece {
  readonly name: string;
  readonly count: number;
  readonly role: ClothRole;
  /** How it is cut, in words. */
  readonly how: string;
}

/** One way a part can be. */
export interface PartOption {
  readonly id: string;
  readonly name: string;
  /** Options of recipes it sets, by the pieces they draw. */
  readonly sets?: Readonly<Partial<Record<PiecesId, Readonly<Record<string, string | number>>>>>;
  /** Rings it opens, with how. */
  readonly opens?: Readonly<Partial<Record<Zone, Opening>>>;
  readonly brings?: readonly BroughtPiece[];
  /** The line to cut on pieces that have several. */
  readonly line?: string;
  /** What to look at when it is first tried on. */
  readonly check?: string;
}

/** One decision about a garment: what it may be, and for which styles it is asked. */
export interface Decision {
  readonly id: DecisionId;
  readonly name: string;
  readonly appears: (style: DecidedStyle) => boolean;
  readonly options: readonly PartOption[];
}

const has =
  (zone: Zone) =>
  ({ zones }: DecidedStyle): boolean =>
    zones.includes(zone);

/** A garment with legs. */
export const hasLegs = has("leg");

/** From shoulder to crotch. */
export const isWhole = (style: DecidedStyle): boolean => hasLegs(style) && has("bust")(style);

/** A bottom that ends at the waist. */
export const isBottom = (style: DecidedStyle): boolean => hasLegs(style) && !has("bust")(style);

/** A top with a band below the bust. */
export const isTop = (style: DecidedStyle): boolean =>
  has("underbust")(style) && !hasLegs(style) && style.family !== "boned";
