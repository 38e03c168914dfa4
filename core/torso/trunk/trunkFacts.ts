import type { BodyFacts, ChartLoops, WrapLoop } from "../../calculation/index.ts";
import type { AlongStretch } from "../../ease/index.ts";
import type { Result } from "../../result.ts";

/** Strains of the chosen girths that draw a trunk in; null where a zone is not planned. */
export type TrunkStrains = Readonly<Record<"bust" | "waist" | "hip", number | null>>;

/** What a trunk is reckoned from beside the working. */
export interface TrunkFacts {
  readonly body: BodyFacts | null;
  readonly strains: TrunkStrains;
  /** Stretch along the body by the chosen school; null where no school was chosen. */
  readonly along: Result<AlongStretch> | null;
  /** φ of the settings. */
  readonly freedom: number;
  readonly leaveUnderMm: number;
  readonly settingsName: string;
  /** Names of the layers under the outermost, which take every change of it. */
  readonly innerLayers: readonly string[];
  readonly wraps: readonly WrapLoop[];
  /** Null where the job starts from no chart. */
  readonly chart: ChartLoops | null;
}
