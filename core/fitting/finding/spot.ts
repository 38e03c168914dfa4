import type { Zone } from "../../ease/index.ts";
import type { FigureView, Point } from "../../figure/index.ts";

/** A named place of a garment where something is seen: a girth zone, or an edge, length, line or point beside them. */
export type SpotId =
  | Zone
  | "topEdge"
  | "legFront"
  | "legBack"
  | "neckline"
  | "armhole"
  | "underarm"
  | "sideOfBust"
  | "backEdge"
  | "strap"
  | "cupTop"
  | "cupSide"
  | "cupCentre"
  | "cupLower"
  | "gore"
  | "wing"
  | "bustPoint"
  | "wire"
  | "underBustFront"
  | "smallOfBack"
  | "frontCrotch"
  | "crotch"
  | "seat"
  | "sideSeam"
  | "closure"
  | "boneEnd"
  | "lacing";

/** A spot with where it stands on the figure. */
export interface Spot {
  readonly id: SpotId;
  readonly name: string;
  /** The girth whose cloth and plan it is judged by. */
  readonly zone: Zone;
  /** Points on each view it can be seen from; of a front or back view on the viewer's right, as offset from the centre. */
  readonly at: Readonly<Partial<Record<FigureView, readonly Point[]>>>;
  /** Zones of which a style must have one for the spot to be there. */
  readonly needs: readonly Zone[];
  /** Of zones that a style must not have: what covers the bust has no upper edge at the waist. Left out for none. */
  readonly without?: readonly Zone[];
  /** `too`: bras have it, whatever their zones; `only`: nothing else has. Left out where zones alone decide. */
  readonly bras?: "too" | "only";
}
