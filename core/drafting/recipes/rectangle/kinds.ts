/** A strip of cloth by what is made of it. */
export interface RectangleKind {
  readonly id: string;
  readonly name: string;
  /** Width between the seam lines for a finished width, mm. */
  readonly widthMm: (finishedMm: number) => number;
  /** How that comes about, in the symbols w (finished width) and W. */
  readonly formula: string;
  /** True where its long edges are sewn, with an allowance; else they are cut as they are. */
  readonly sewn: boolean;
  /** True where its ends are sewn. */
  readonly endsSewn: boolean;
}

/** Room for the elastic to move in its casing, both sides together, mm. */
const CASING_ROOM_MM = 4;

const twice = (finishedMm: number): number => 2 * finishedMm;
const folded = { widthMm: twice, formula: "W = 2 · w", sewn: true };

/** What strips are made into; adding one is adding a line. */
export const RECTANGLE_KINDS: readonly RectangleKind[] = [
  { id: "strap", name: "Strap", ...folded, endsSewn: false },
  { id: "tie", name: "Tie", ...folded, endsSewn: true },
  { id: "band", name: "Band", ...folded, endsSewn: true },
  { id: "loop", name: "Loop", ...folded, endsSewn: false },
  { id: "binding", name: "Binding", widthMm: (mm) => 4 * mm, formula: "W = 4 · w", sewn: false, endsSewn: true },
  {
    id: "casing",
    name: "Casing",
    widthMm: (mm) => 2 * mm + CASING_ROOM_MM,
    formula: `W = 2 · w + ${CASING_ROOM_MM}`,
    sewn: true,
    endsSewn: true,
  },
];
