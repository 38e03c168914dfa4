import { type Point, point } from "../geometry/index.ts";
import type { Breast } from "./breast.ts";
import { angleAtAcross, angleAtHeight, outlineAt } from "./rootOutline.ts";

/** Ways to part a cup. */
export const CUP_SEAMS = ["cross", "crossVertical", "vertical", "threePieces"] as const;

/** One of {@link CUP_SEAMS}. */
export type CupSeams = (typeof CUP_SEAMS)[number];

/** A seam of a cup, as it is seen from straight before it: lines between places of the root's plane. */
export interface SeamLine {
  /** `cross`, `lower`, `side`. */
  readonly id: string;
  readonly from: Point;
  readonly to: Point;
}

/** Part of the root outline, by angle. */
export interface RootPart {
  readonly from: number;
  readonly to: number;
}

/** One piece of a cup: its seams one after the other, and the part of the root between their ends, gone the same way. */
export interface CupPatch {
  readonly id: string;
  readonly name: string;
  readonly seams: readonly SeamLine[];
  readonly root: RootPart;
  /** Where the strap meets the upper edge, by angle: neckline toward the centre, armhole toward the side. Left out where the edge is one. */
  readonly strap?: number;
}

/** How far the seams pass the apex, mm: the cross seam below it where above 0, the upright one outward. */
export interface SeamsMoved {
  readonly crossMm: number;
  readonly uprightMm: number;
}

/**
 * The pieces of a cup. Seen from before it every seam is straight; on the surface it is a curve. Each piece is what lies between its
 * seams and the root.
 */
export function cupPatches(breast: Breast, seams: CupSeams, moved: SeamsMoved): CupPatch[] {
  const { root, foot } = breast;
  const [crossY, uprightX] = [foot.y + moved.crossMm, foot.x + moved.uprightMm];
  const angle = {
    outer: angleAtHeight(root, crossY, "outer"),
    inner: angleAtHeight(root, crossY, "inner"),
    low: angleAtAcross(root, uprightX, "lower"),
    high: angleAtAcross(root, uprightX, "upper"),
  };
  const at = (of: keyof typeof angle) => outlineAt(root, angle[of]);
  const middle = point(uprightX, crossY);
  const line = (id: string, from: Point, to: Point): SeamLine => ({ id, from, to });
  const turn = 2 * Math.PI;
  const upper: CupPatch = {
    ...{ id: "upper", name: "Upper cup", seams: [line("cross", at("inner"), at("outer"))] },
    root: { from: angle.inner, to: angle.outer + turn },
  };
  switch (seams) {
    case "cross":
      return [
        upper,
        {
          ...{ id: "lower", name: "Lower cup", seams: [line("cross", at("inner"), at("outer"))] },
          root: { from: angle.inner, to: angle.outer },
        },
      ];
    case "crossVertical":
      return [
        { ...upper, seams: [line("crossInner", at("inner"), middle), line("crossOuter", middle, at("outer"))] },
        {
          ...{ id: "lowerInner", name: "Lower cup, inner" },
          seams: [line("crossInner", at("inner"), middle), line("lower", middle, at("low"))],
          root: { from: angle.inner, to: angle.low },
        },
        {
          ...{ id: "lowerOuter", name: "Lower cup, outer" },
          seams: [line("lower", at("low"), middle), line("crossOuter", middle, at("outer"))],
          root: { from: angle.low, to: angle.outer },
        },
      ];
    case "vertical":
      return [
        {
          ...{ id: "inner", name: "Inner cup", seams: [line("upright", at("high"), at("low"))] },
          root: { from: angle.high + turn, to: angle.low },
        },
        {
          ...{ id: "outer", name: "Outer cup", seams: [line("upright", at("high"), at("low"))] },
          root: { from: angle.high, to: angle.low },
        },
      ];
    case "threePieces":
      return [
        {
          ...{ id: "side", name: "Side cup" },
          seams: [line("sideUpper", at("high"), middle), line("sideLower", middle, at("low"))],
          root: { from: angle.high, to: angle.low },
        },
        {
          ...{ id: "upper", name: "Upper cup" },
          seams: [line("cross", at("inner"), middle), line("sideUpper", middle, at("high"))],
          root: { from: angle.inner, to: angle.high + turn },
        },
        {
          ...{ id: "lower", name: "Lower cup" },
          seams: [line("cross", at("inner"), middle), line("sideLower", middle, at("low"))],
          root: { from: angle.inner, to: angle.low },
        },
      ];
  }
}

/** The place of the upper root a strap meets, by angle. @param outwardMm from the apex. */
export const strapAngle = ({ root, foot }: Breast, outwardMm: number): number =>
  angleAtAcross(root, foot.x + outwardMm, "upper");
