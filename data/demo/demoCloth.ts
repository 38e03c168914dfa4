import type { Cloth, Direction, NetLook, SwatchState } from "../../core/cloth/index.ts";
import type { DemoPull } from "./ladders.ts";

/** One swatch of the demo: by hand, by ladder or both. */
export interface DemoSwatch {
  readonly direction: Direction;
  readonly testedOn?: string;
  readonly state?: SwatchState;
  readonly washes?: number;
  readonly look?: NetLook;
  readonly hand?: readonly [gaugeMm: number, stretchedMm: number, afterMm: number | null];
  readonly ladder?: DemoPull;
}

/** One cloth of the demo with its swatches. */
export interface DemoCloth extends Partial<Omit<Cloth, "id" | "version">> {
  readonly name: string;
  readonly kind: Cloth["kind"];
  readonly testedOn: string;
  readonly swatches: readonly DemoSwatch[];
}
