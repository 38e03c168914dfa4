import type { BodyFacts, JobFacts } from "../../calculation/index.ts";
import { isBoned, type Style } from "../../ease/index.ts";
import { CORSET_LEVEL_ZONES, CORSET_LEVELS, type CorsetLevel } from "../level.ts";
import type { Closing } from "./working.ts";

/** What of a style decides its levels and its closing. */
export type BonedStyle = Pick<Style, "family" | "zones"> & Partial<Pick<Style, "closes">>;

/** What a closed garment is reckoned from beside what the maker decides. */
export interface CorsetFacts {
  /** Levels of the style from the top down; none of a style that is not boned. */
  readonly levels: readonly CorsetLevel[];
  readonly closes: Closing;
  readonly body: BodyFacts | null;
  readonly isForm: boolean;
}

/** The levels of a boned style from the top down: those of its zones, and the mid-rib above every waist. */
export const levelsOf = ({ zones, ...style }: BonedStyle): CorsetLevel[] =>
  isBoned(style) ? CORSET_LEVELS.filter((level) => zones.includes(CORSET_LEVEL_ZONES[level] ?? "waist")) : [];

/** Takes what a closed garment rests on from a job. */
export const corsetFactsOf = ({ style, body, beside }: Pick<JobFacts, "style" | "body" | "beside">): CorsetFacts => ({
  levels: levelsOf(style),
  closes: style.closes ?? "laced",
  body,
  isForm: beside.isForm,
});
