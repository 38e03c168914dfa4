import Box from "@mui/material/Box";
import { type MouseEvent, type ReactNode, useId } from "react";
import type { Zone } from "../../../core/ease/zones.ts";
import { garmentPath } from "../../../core/figure/garment.ts";
import {
  ARM_PATHS,
  CENTRE,
  FIELD,
  LEVEL,
  type Place,
  TRUNK_PATH,
  type TrunkView,
} from "../../../core/figure/geometry.ts";
import { bodyStyle } from "./bodyStyle.ts";
import { placeTapped } from "./placeTapped.ts";

/** What the figure is drawn with. */
export interface FigureProps {
  readonly view: TrunkView;
  /** Says what the picture shows, for those who do not see it; empty where words beside it say so. */
  readonly label: string;
  /** Zones of the garment whose cloth is drawn on the body; left out for the body alone. */
  readonly garment?: readonly Zone[] | undefined;
  /** Drawn on the body and cut off at its outline: bands, tapes. */
  readonly onBody?: ReactNode;
  /** Drawn over everything: pins, free tapes, leaders. */
  readonly over?: ReactNode;
  /** Called with the place that was tapped. */
  readonly onPick?: (place: Place) => void;
  readonly maxHeight?: number | string;
}

/**
 * Stenz's own line drawing of a body, front or back: the map on which tapes are laid, zones planned and findings
 * pinned. A tap tells its place as parts of the drawing field, so that a pin stands where it was put at any size.
 */
export function Figure({ view, label, garment, onBody, over, onPick, maxHeight = 460 }: FigureProps) {
  const clip = useId();
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
      <clipPath id={clip}>
        <path d={TRUNK_PATH} />
      </clipPath>
      <ellipse className="skin" cx={CENTRE} cy={28} rx={15} ry={20} />
      {ARM_PATHS.map((path) => (
        <path key={path} className="skin" d={path} />
      ))}
      <path className="skin" d={TRUNK_PATH} />
      <Traits view={view} />
      <g clipPath={`url(#${clip})`}>
        {garment && garment.length > 0 ? <path className="cloth" d={garmentPath(garment, view)} /> : null}
        {onBody}
      </g>
      {over}
    </Box>
  );
}

/** The few lines that tell front from back. */
function Traits({ view }: { view: TrunkView }) {
  const paths =
    view === "front"
      ? [
          `M ${CENTRE - 34} 126 Q ${CENTRE - 20} 146 ${CENTRE - 4} 130`,
          `M ${CENTRE + 34} 126 Q ${CENTRE + 20} 146 ${CENTRE + 4} 130`,
          `M ${CENTRE} ${LEVEL.waist + 11} v 4`,
          `M ${CENTRE - 9} 70 Q ${CENTRE} 76 ${CENTRE + 9} 70`,
        ]
      : [
          `M ${CENTRE} 84 Q ${CENTRE - 2} 140 ${CENTRE} ${LEVEL.highHip}`,
          `M ${CENTRE - 26} 96 Q ${CENTRE - 14} 112 ${CENTRE - 12} 126`,
          `M ${CENTRE + 26} 96 Q ${CENTRE + 14} 112 ${CENTRE + 12} 126`,
          `M ${CENTRE} 226 L ${CENTRE} 258`,
          `M ${CENTRE - 42} 262 Q ${CENTRE - 22} 276 ${CENTRE - 3} 262`,
          `M ${CENTRE + 42} 262 Q ${CENTRE + 22} 276 ${CENTRE + 3} 262`,
        ];
  return paths.map((path) => <path key={path} className="trait" d={path} />);
}
