import type { MeasureCode } from "../../../core/body/measure.ts";
import type { FigureView } from "../../../core/fitting/fitting.ts";
import { CENTRE, LEVEL, legLine, levelLine } from "./geometry.ts";

/** A tape as it lies on the figure; `free` tapes hang beside the body and are not clipped to it. */
export interface TapePath {
  readonly path: string;
  readonly free?: boolean;
}

const straightDown = (x: number, from: number, to: number): string => `M ${x} ${from} L ${x} ${to}`;

/** The way of the tape for a measure, in one view; undefined where it cannot be seen from there. */
export function tapePath(code: MeasureCode, side: "single" | "left" | "right", view: FigureView): TapePath | undefined {
  switch (code) {
    case "waist":
      return { path: levelLine(LEVEL.waist) };
    case "high_hip":
      return { path: levelLine(LEVEL.highHip) };
    case "hip":
      return { path: levelLine(LEVEL.hip) };
    case "leg_edge":
      return { path: legLine((side === "left") === (view === "front") ? "viewerRight" : "viewerLeft", view) };
    case "waist_to_hip":
      return view === "front"
        ? {
            path: `M ${CENTRE + 34} ${LEVEL.waist} Q ${CENTRE + 50} ${LEVEL.highHip}, ${CENTRE + 53} ${LEVEL.hip}`,
            free: true,
          }
        : undefined;
    case "crotch_front":
      return view === "front" ? { path: straightDown(CENTRE, LEVEL.waist + 5, LEVEL.crotch + 2) } : undefined;
    case "crotch_back":
      return view === "back" ? { path: straightDown(CENTRE, LEVEL.waist + 5, LEVEL.crotch + 2) } : undefined;
    case "crotch_depth":
      return view === "back" ? { path: straightDown(CENTRE + 58, LEVEL.waist, LEVEL.crotch), free: true } : undefined;
  }
}
