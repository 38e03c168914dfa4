import type { Direction, LayerRole, LayupStretch } from "../cloth/index.ts";
import type { EaseSettings, LikedLength, SchoolId, Style, StylePlan, Zone, ZoneChoice } from "../ease/index.ts";
import type { ChartLoops, ClosedGarment, ShelfElastic, ShelfStock, WrapLoop } from "./besideJob.ts";
import type { Reckoned } from "./reckoning.ts";
import type { BodyFacts } from "./wants.ts";

/** What is read beside a job for its calculations. */
export interface BesideJob {
  /** How explanations name sheet and settings. */
  readonly sheetName: string;
  readonly settingsName: string;
  readonly isForm: boolean;
  readonly isChild: boolean;
  readonly wraps: readonly WrapLoop[];
  readonly elastics: readonly ShelfElastic[];
  /** Finished bust of the graded pattern at its chosen size, mm, with its words; null where there is none. */
  readonly chartBust: { readonly mm: number; readonly words: string } | null;
  readonly chartLoops: ChartLoops | null;
  /** Sizes chosen of the graded pattern, by zone. */
  readonly chartSizes: Readonly<Partial<Record<Zone, string>>>;
  readonly shelf: ShelfStock;
}

/** Nothing read beside a job but its names: for calculations that pick no records. */
export const bareBeside = (names: Pick<BesideJob, "sheetName" | "settingsName" | "isForm" | "isChild">): BesideJob => ({
  ...names,
  wraps: [],
  elastics: [],
  chartBust: null,
  chartLoops: null,
  chartSizes: {},
  shelf: { rows: [] },
});

/** A cloth a job is cut from. mm; null where it was not told. */
export interface CutCloth {
  readonly name: string;
  readonly role: LayerRole;
  /** Of it, the one that goes round the body. */
  readonly direction: Direction;
  readonly rollWidthMm: number | null;
  /** Parts lost in the first wash. */
  readonly shrinkageAlong: number | null;
  readonly shrinkageAcross: number | null;
  /** Ratio, that way; null where it was not tested. */
  readonly usable: number | null;
  /** What its tests say against the way it goes round the body. */
  readonly advice: readonly string[];
}

/** A job as its calculations see it: what was decided, planned and read so far. */
export interface JobFacts {
  readonly style: Style;
  readonly settings: EaseSettings;
  /** Null while no school was chosen. */
  readonly school: SchoolId | null;
  readonly zones: Readonly<Partial<Record<Zone, ZoneChoice>>>;
  /** Plan and stretch come together: null until there is a sheet and a tested cloth. */
  readonly plan: StylePlan | null;
  readonly stretch: LayupStretch | null;
  /** What its cups stretch to, by a cloth of their own where they have one; null where that was not tested. */
  readonly cupsStretch: LayupStretch | null;
  /** Names of the layers that go round the body, the outermost first. */
  readonly layerNames: readonly string[];
  /** Width of the narrowest of the cloths it is cut from, mm; null where none is known. */
  readonly rollWidthMm: number | null;
  /** What it is cut from, the outermost first. */
  readonly cloths: readonly CutCloth[];
  /** The elastic chosen for its edges; null where none was. */
  readonly edge: ShelfElastic | null;
  /** Rings that open, with how. */
  readonly openings: Readonly<Partial<Record<Zone, string>>>;
  readonly body: BodyFacts | null;
  /** Of a boned garment; null of any other, and while nothing was decided. */
  readonly closed: ClosedGarment | null;
  /** Lengths of the pattern it is cut from, as they were typed. mm */
  readonly patternLengthsMm: Readonly<Partial<Record<LikedLength, number>>>;
  /** What is kept of every calculation, by its name: for those that rest on what others were told. */
  readonly keptWorkings: Readonly<Partial<Record<string, object>>>;
  readonly beside: BesideJob;
  /**
   * The elastic of the top edge as the step Elastics cuts it over drawn pieces; null where it has none. Pieces are drawn when it is
   * asked for. Left out where a job is looked at without its pieces.
   */
  readonly waistElastic?: () => Reckoned | null;
}
