import Box from "@mui/material/Box";
import { type MouseEvent, type ReactNode, useId } from "react";
import { FIELD, type FigureView, type Place } from "../../core/figure/index.ts";
import { bodyStyle } from "./bodyStyle.ts";
import { placeTapped } from "./placeTapped.ts";

/** What every view of the figure takes. */
export interface FigureLayers {
  /** Says what the picture shows, for those who do not see it; empty where words beside it say so. */
  readonly label: string;
  /** Drawn on the body and cut off at its outline: bands, tapes. */
  readonly onBody?: ReactNode;
  /** Drawn over everything: pins, free tapes, leaders. */
  readonly over?: ReactNode;
  /** Called with the place that was tapped. */
  readonly onPick?: ((place: Place) => void) | undefined;
  readonly maxHeight?: number | string | undefined;
}

interface FigureFrameProps extends FigureLayers {
  readonly view: FigureView;
  /** What is cut off to. */
  readonly outline: string;
  /** The drawn body. */
  readonly body: ReactNode;
}

/** The field every view is drawn in: the body, what lies on it, what stands over it. Legs fade where the field ends. */
export function FigureFrame({ view, label, outline, body, onBody, over, onPick, maxHeight = 460 }: FigureFrameProps) {
  const id = useId();
  const pick = (event: MouseEvent<SVGSVGElement>) => onPick?.(placeTapped(event, view));
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
      <clipPath id={`${id}clip`}>
        <path d={outline} />
      </clipPath>
      <linearGradient id={`${id}fade`} x1="0" x2="0" y1="0" y2="1">
        <stop offset="0.88" stopColor="#fff" />
        <stop offset="1" stopColor="#000" />
      </linearGradient>
      <mask id={`${id}mask`} maskUnits="userSpaceOnUse" x={0} y={0} width={FIELD.width} height={FIELD.height}>
        <rect width={FIELD.width} height={FIELD.height} fill={`url(#${id}fade)`} />
      </mask>
      <g mask={`url(#${id}mask)`}>{body}</g>
      <g clipPath={`url(#${id}clip)`}>{onBody}</g>
      {over}
    </Box>
  );
}
