/** Depth of a trunk over its width: a simple body, to be looked at and not to be measured from. */
const DEPTH_OVER_WIDTH = 0.74;

/** A quarter of an ellipse is looked at in so many steps. */
const STEPS = 90;

/** A level of a closed garment as it is drawn: its girth, and the panels of one side from the centre front, mm. */
export interface ShapedLevel {
  readonly level: string;
  /** Below the first level, at the side. */
  readonly downMm: number;
  readonly closedMm: number;
  readonly bodyMm: number;
  /** Widths of one side; empty where nothing is drawn. */
  readonly panelsMm: readonly number[];
  readonly gapMm: number;
}

/** A level closed round an ellipse of the same girth, seen from the front, mm. */
export interface ClosedRing {
  readonly level: string;
  readonly downMm: number;
  readonly closedMm: number;
  /** Half of what is seen of the garment, and of the body under it. */
  readonly halfMm: number;
  readonly bodyHalfMm: number;
  /** Where the seams lie across, from the centre front: in front of the side or behind it. */
  readonly seams: readonly { readonly acrossMm: number; readonly inFront: boolean }[];
  /** Half of the gap behind. */
  readonly halfGapMm: number;
}

/** Each level as a ring that can be drawn from the front and from behind. */
export const closedRings = (levels: readonly ShapedLevel[]): ClosedRing[] =>
  levels.map(({ level, downMm, closedMm, bodyMm, panelsMm, gapMm }) => {
    const halfMm = halfWidth(closedMm);
    const along = panelsMm.slice(0, -1).map((_, at) => panelsMm.slice(0, at + 1).reduce((sum, mm) => sum + mm, 0));
    const wholeMm = panelsMm.reduce((sum, mm) => sum + mm, 0) + gapMm / 2;
    return {
      ...{ level, downMm, closedMm, halfMm, bodyHalfMm: halfWidth(bodyMm) },
      seams: along.map((mm) => seen(mm / wholeMm, halfMm)),
      halfGapMm: gapMm === 0 ? 0 : Math.abs(seen(1 - gapMm / 2 / wholeMm, halfMm).acrossMm),
    };
  });

/** Cumulated length of half an ellipse half as wide as 1, from the front. */
const ARC = (() => {
  const place = (step: number) => {
    const angle = (Math.PI * step) / (2 * STEPS);
    return [Math.sin(angle), DEPTH_OVER_WIDTH * Math.cos(angle)] as const;
  };
  const lengths = [0];
  for (let step = 1; step <= 2 * STEPS; step += 1) {
    const [from, to] = [place(step - 1), place(step)];
    lengths.push((lengths.at(-1) ?? 0) + Math.hypot(to[0] - from[0], to[1] - from[1]));
  }
  return lengths;
})();

const WHOLE = 2 * (ARC.at(-1) ?? 1);

/** Half the width of an ellipse of a girth. */
const halfWidth = (girthMm: number): number => girthMm / WHOLE;

/** Where a part of the half girth from the centre front lies across. */
function seen(part: number, halfMm: number): { readonly acrossMm: number; readonly inFront: boolean } {
  const wanted = (Math.min(1, Math.max(0, part)) * WHOLE) / 2;
  const at = Math.max(
    1,
    ARC.findIndex((length) => length >= wanted),
  );
  const [below, above] = [ARC[at - 1] ?? 0, ARC[at] ?? 1];
  const step = at - 1 + (wanted - below) / (above - below);
  const angle = (Math.PI * step) / (2 * STEPS);
  return { acrossMm: halfMm * Math.sin(angle), inFront: angle < Math.PI / 2 };
}
