import { type Static, Type } from "typebox";
import type { Laying } from "./roll.ts";

/** Which edges may lie on a border. */
export const BORDER_EDGES = ["none", "neckline", "top", "waist", "leg", "hem", "long"] as const;

/** No table has more pieces. */
export const MOST_PLACED = 200;

/** A layout that was kept: where each piece lies, by the name of its shape. mm */
export const KEPT_LAYOUT = Type.Union([
  Type.Null(),
  Type.Object(
    {
      placed: Type.Array(
        Type.Object(
          {
            shape: Type.String({ maxLength: 200 }),
            over: Type.Boolean(),
            turned: Type.Boolean(),
            x: Type.Number(),
            y: Type.Number(),
          },
          { additionalProperties: false },
        ),
        { maxItems: MOST_PLACED },
      ),
    },
    { additionalProperties: false },
  ),
]);

/** What was kept of a layout. */
export type KeptLayout = Static<typeof KEPT_LAYOUT>;

/** How one cloth of a job is cut. mm; null where nothing else than usual is wanted. */
export interface LayoutWorking {
  /** Of the roll; null: as the cloth has it. */
  readonly widthMm: number | null;
  readonly laying: Laying;
  /** The direction of the cloth that goes round the body: as it was tested for the job, or another. */
  readonly round: "tested" | "across" | "along";
  readonly halfTurn: boolean;
  readonly washed: boolean;
  readonly selvedgeMm: number | null;
  readonly roomMm: number | null;
  readonly border: (typeof BORDER_EDGES)[number];
  readonly borders: "one" | "both";
  readonly repeatAlongMm: number | null;
  readonly repeatAcrossMm: number | null;
  /** Across one motif. */
  readonly motifMm: number | null;
  readonly test: boolean;
  readonly garments: number | null;
  /** The best layout that was found. */
  readonly best: KeptLayout;
}

/** Before anything is entered. */
export const NEW_LAYOUT: LayoutWorking = {
  ...{ widthMm: null, laying: "single", round: "tested", halfTurn: false, washed: true },
  ...{ selvedgeMm: null, roomMm: null, border: "none", borders: "one" },
  ...{ repeatAlongMm: null, repeatAcrossMm: null, motifMm: null, test: false, garments: null, best: null },
};
