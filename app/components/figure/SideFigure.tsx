import Box from "@mui/material/Box";
import { type MouseEvent, type ReactNode, useId } from "react";
import { FIELD, type Place } from "../../../core/figure/geometry.ts";
import { SIDE_ARM_PATH, SIDE_HEAD_PATH, SIDE_PATH } from "../../../core/figure/sideGeometry.ts";
import { bodyStyle } from "./bodyStyle.ts";
import { placeTapped } from "./placeTapped.ts";

interface SideFigureProps {
  readonly label: string;
  /** Drawn on the body and cut off at its outline. */
  readonly onBody?: ReactNode;
  /** Drawn over everything. */
  readonly over?: ReactNode;
  /** Called with the place that was tapped. */
  readonly onPick?: (place: Place) => void;
  readonly maxHeight?: number | string;
}

/** The figure from its left side. The arm is drawn back, so that tapes on the trunk are seen. */
export function SideFigure({ label, onBody, over, onPick, maxHeight = 460 }: SideFigureProps) {
  const clip = useId();
  const pick = (event: MouseEvent<SVGSVGElement>) => onPick?.(placeTapped(event, "side"));
  return (
    <Box
      component="svg"
      {...(label === "" ? { "aria-hidden": true } : { role: "img", "aria-label": label })}
      viewBox={`0 0 ${FIELD.width} ${FIELD.height}`}
      onClick={onPick ? pick : undefined}
      sx={{
        display: "block",
        width: "100%",
        maxHeight,
        aspectRatio: `${FIELD.width} / ${FIELD.height}`,
        cursor: onPick ? "crosshair" : "default",
        touchAction: "manipulation",
        ...bodyStyle,
      }}
    >
      <clipPath id={clip}>
        <path d={SIDE_PATH} />
      </clipPath>
      <path className="skin" d={SIDE_HEAD_PATH} />
      <path className="skin" d={SIDE_PATH} />
      <path className="trait" d={SIDE_ARM_PATH} strokeDasharray="3 3" />
      <g clipPath={`url(#${clip})`}>{onBody}</g>
      {over}
    </Box>
  );
}
