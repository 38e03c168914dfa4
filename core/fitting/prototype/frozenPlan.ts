import type { MeasureCode, Sheet } from "../../body/index.ts";
import type { Cloth, ClothStretch, Direction, LayerRole, SwatchTest, TensionCurve } from "../../cloth/index.ts";
import type { EaseChoice, EaseSettings, Opening, SchoolId, Style, StyleId, Zone } from "../../ease/index.ts";
import type { Workings } from "../../workings/index.ts";
import type { Change } from "../change/change.ts";
import type { PlannedRing } from "./rings.ts";

/** A ring as frozen: planned from body and cloth, the changes carried in, and the girth to sew. mm. */
export interface FrozenRing extends PlannedRing {
  readonly changedMm: number;
  readonly nowMm: number;
}

/** A change as it was carried into a prototype. */
export interface CarriedChange
  extends Pick<
    Change,
    "on" | "spot" | "zone" | "side" | "amountMm" | "lengthId" | "pieces" | "line" | "blend" | "parts"
  > {
  readonly changeId: number;
  /** Null in prototypes of the first format, which did not freeze it. */
  readonly seams: number | null;
  /** Name of the finding it answers; empty in prototypes of the first format. */
  readonly why: string;
}

/** A layer as it was. */
export interface FrozenLayer {
  readonly clothId: number;
  readonly name: string;
  readonly direction: Direction;
  readonly testId: number;
  readonly testedOn: string;
  readonly usable: number;
}

/** The cloth of cups, or of bridge and cradles, as it was. Null where it was not tested: what does not stretch need not be. */
export interface FrozenPartLayer extends Omit<FrozenLayer, "testId" | "testedOn" | "usable"> {
  readonly role: LayerRole;
  readonly testId: number | null;
  readonly testedOn: string | null;
  readonly usable: number | null;
}

/** A length as it was planned, mm. */
export interface FrozenLength {
  readonly id: string;
  readonly name: string;
  readonly bodyMm: number;
  /** From body and cloth, before any change. */
  readonly cutMm: number;
  /** Body lengths it runs along; none in prototypes of the first format. */
  readonly codes: readonly MeasureCode[];
  /** Changes carried in, and the length to sew. */
  readonly changedMm: number;
  readonly nowMm: number;
}

/** Format a plan is frozen in; what was frozen in an older one is brought up as it is read (`core/job/frozen`). */
export const FROZEN_FORMAT = 2;

/** All that a prototype was made from, copied on the day it was started. Later edits elsewhere never reach it. */
export interface FrozenPlan {
  readonly format: typeof FROZEN_FORMAT;
  readonly styleId: StyleId;
  readonly wearerName: string;
  readonly sheet: Sheet;
  readonly cloth: Pick<Cloth, "id" | "name" | "kind" | "composition">;
  /** The first format held the whole hand test here; nothing but these three is read back. */
  readonly test: Pick<SwatchTest, "id" | "direction" | "testedOn">;
  readonly stretch: Pick<ClothStretch, "usable" | "growth" | "recovery" | "willBag"> & {
    /** Summed tension in wear; null where a layer had no ladder. */
    readonly wear: TensionCurve | null;
    /** How much stiffer seams and lining make it than its swatches, as factor in `wear`; null for no word on it. */
    readonly stiffness: number | null;
  };
  readonly school: SchoolId;
  readonly settings: EaseSettings;
  /** The style as it was. */
  readonly style: Style;
  /** Every layer with its test. */
  readonly layers: readonly FrozenLayer[];
  /** Cloths of some pieces alone; left out for none. */
  readonly ofParts?: readonly FrozenPartLayer[];
  /** What was chosen beside the school, by zone. */
  readonly choice: Pick<EaseChoice, "zones" | "pressuresKpa">;
  readonly openings: Readonly<Partial<Record<Zone, Opening>>>;
  /** Lengths as cut. */
  readonly lengths: readonly FrozenLength[];
  /** What was entered for torso, cups and band. */
  readonly workings: Partial<Workings>;
  /** What the calculations want looked at in a fitting. */
  readonly watch: readonly string[];
  readonly rings: readonly FrozenRing[];
  readonly changes: readonly CarriedChange[];
}
