import type { TrunkPart } from "../body/index.ts";
import type { TensionCurve } from "../cloth/index.ts";
import type { ElasticTested } from "../elastic/index.ts";

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

/** What there is on the shelf, by name: in metres or pieces, with what one of them costs; null where that is not said. */
export interface ShelfStock {
  readonly rows: readonly {
    readonly name: string;
    readonly unit: "m" | "pc";
    readonly amount: number | null;
    readonly price: number | null;
  }[];
}

/** An elastic on the shelf as a band uses it. */
export interface ShelfElastic {
  readonly id: number;
  readonly name: string;
  /** Force in wear, N, by its own strain; null where it has no load ladder. */
  readonly forceN: TensionCurve | null;
  /** How it is made; empty where that was not said. */
  readonly kind: string;
  /** As bought, else as its strip was tested, mm; null where neither is known. */
  readonly widthMm: number | null;
  readonly tested: ElasticTested;
}

/** A boned garment as its reduction was decided, mm: at every level of it, from the top down, and by heights between them. */
export interface ClosedGarment {
  readonly levels: readonly {
    readonly level: string;
    readonly name: string;
    readonly bodyMm: number;
    readonly closedMm: number;
    /** Of both sides without the gap. */
    readonly patternMm: number;
  }[];
  readonly gapMm: number;
  /** Added to the pattern for what its layers eat. */
  readonly addedMm: number;
  readonly laced: boolean;
  /** True where it opens in front as well. */
  readonly opensInFront: boolean;
  /** From the level above down to each level but the first, at three places; null where one was not taken. */
  readonly heights: Readonly<Record<string, Readonly<Record<"front" | "side" | "back", number>>>> | null;
}
