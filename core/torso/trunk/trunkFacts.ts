import type { BodyFacts } from "../../calculation/wants.ts";
import type { AlongStretch } from "../../ease/planLengths.ts";
import type { Result } from "../../result.ts";
import type { TrunkPart } from "./trunkLoop.ts";

/** Strains of the chosen girths that draw a trunk in; null where a zone is not planned. */
export type TrunkStrains = Readonly<Record<"bust" | "waist" | "hip", number | null>>;

/** A body wrap as far as its trunk is concerned. */
export interface WrapLoop {
  readonly id: number;
  readonly name: string;
  readonly loop: Readonly<Partial<Record<TrunkPart | "trunkLoop", number>>>;
}

/** The trunk loops of a graded pattern's chart. mm; null where a size does not state it. */
export interface ChartLoops {
  readonly sizes: readonly {
    readonly name: string;
    readonly bodyMm: number | null;
    readonly finishedMm: number | null;
  }[];
  /** The size that was chosen at the waist, in the middle of the trunk; null where none was. */
  readonly chosen: string | null;
}

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
