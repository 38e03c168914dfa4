import type { FrozenLayer } from "../prototype/frozenPlan.ts";
import type { Change, OwnChange } from "./change.ts";
import { linkedFor } from "./linkedLines.ts";

/** What a wearer, or every job from a pattern, always needs: learnt in one job and offered in the next. */
export interface StandingChange
  extends Pick<Change, "on" | "spot" | "zone" | "side" | "lengthId" | "pieces" | "line" | "amountMm"> {
  readonly id: number;
  /** Whom or what it belongs to: a wearer, or a pattern's size chart. One of them is null. */
  readonly wearerId: number | null;
  readonly chartId: number | null;
  /** In the maker's words. */
  readonly words: string;
  /** ISO date. */
  readonly madeOn: string;
}

/** True where a standing change was taken into a job already. */
export const isTaken = ({ words }: Pick<StandingChange, "words">, own: readonly OwnChange[]): boolean =>
  own.some(({ change }) => change.reason === words);

/** Seams a standing girth change is spread over: both sides. */
const USUAL_SEAMS = 2;

/** A standing change as a job's own change, with the linked lines of the job's layers to tick. */
export const ownFromStanding = (
  { on, spot, zone, side, lengthId, pieces, line, amountMm, words }: StandingChange,
  layers: readonly Pick<FrozenLayer, "name">[],
): Omit<Change, "id" | "cutInto"> => ({
  findingId: null,
  decision: "own",
  remedy: "",
  ...{ on, spot, zone, side, lengthId, pieces, line, amountMm },
  blend: "",
  parts: [],
  strain: null,
  share: null,
  proposedMm: null,
  seams: on === "girth" ? USUAL_SEAMS : 1,
  linked: linkedFor(pieces, layers),
  untickedReason: "",
  waitsFor: "",
  reason: words,
  version: 0,
});
