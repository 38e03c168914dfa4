import Box from "@mui/material/Box";
import { type DartReckoning, type DartWorking, dartShape } from "../../../core/cups/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { drawingStyle } from "../calculation/drawing.ts";

const MARGIN = 22;
const RULER_MM = 50;

/** A gape and the dart it becomes, both to one scale, as it is typed. */
export function DartDrawing({ working, dart }: { working: DartWorking; dart: NonNullable<DartReckoning["dart"]> }) {
  const lengths = useLengths();
  const { widthMm, toApexMm, newToApexMm, stopMm } = working;
  if (widthMm === null || toApexMm === null || newToApexMm === null || stopMm === null) return null;
  const { angleDeg, widthMm: newWidthMm } = dart;
  const shape = dartShape({ widthMm, toApexMm, newToApexMm, stopMm, angleDeg, newWidthMm });
  const halfWidth = widthMm / 2 + 60 + MARGIN;
  const height = toApexMm + newToApexMm + 2 * MARGIN;
  const text = Math.max(halfWidth * 4, height) / 36;
  const points = (list: readonly (readonly [number, number])[]) => list.map((point) => point.join(",")).join(" ");
  return (
    <Box
      component="svg"
      role="img"
      aria-label={lengths.told(
        `The gape at the ${working.from || "edge"} of ${Math.round(widthMm)} mm, turned into a dart of ${Math.round(newWidthMm)} mm in the ${working.into || "new seam"}`,
      )}
      viewBox={`${-halfWidth} ${-toApexMm - MARGIN} ${halfWidth * 4} ${height}`}
      sx={{ ...drawingStyle, maxHeight: 360, mb: 1 }}
    >
      <polygon className="cloth" points={points(shape.clothBefore)} />
      <polygon className="taken" points={points(shape.wedge)} />
      <polyline className="line" points={points(shape.edge)} />
      <polyline className="strong" points={points(shape.wedge)} />
      <circle r={text / 3} fill="var(--stz-palette-bench-ink)" />
      <text x={text / 2} y={text} fontSize={text}>
        apex
      </text>
      <text x={0} y={-toApexMm - text / 2} fontSize={text} textAnchor="middle">
        gape {lengths.amount(widthMm)}
      </text>
      <text x={0} y={newToApexMm + text} fontSize={text} textAnchor="middle">
        as it gapes
      </text>
      <g transform={`translate(${halfWidth * 2} 0)`}>
        <polygon className="cloth" points={points(shape.clothAfter)} />
        <polyline className="thin" points={points(shape.cornered)} />
        <path className="second" d={shape.trued} />
        <polygon className="taken" points={points(shape.dart)} />
        <polyline className="line" points={points(shape.seam)} />
        <polyline className="strong" points={points(shape.dart)} />
        <circle r={text / 3} fill="var(--stz-palette-bench-ink)" />
        <text x={text / 2} y={-text / 2} fontSize={text}>
          {angleDeg.toFixed(1)}°
        </text>
        <text x={0} y={-toApexMm - text * 1.3} fontSize={text} textAnchor="middle">
          closed and trued
        </text>
        <text x={0} y={newToApexMm + text} fontSize={text} textAnchor="middle">
          dart {lengths.amount(newWidthMm)}, stops {lengths.amount(stopMm)} short
        </text>
      </g>
      <g transform={`translate(${-halfWidth + 6} ${newToApexMm + MARGIN - text / 2})`}>
        <path
          className="line"
          d={`M 0 ${-text / 3} V ${text / 3} M 0 0 H ${RULER_MM} M ${RULER_MM} ${-text / 3} V ${text / 3}`}
        />
        <text x={RULER_MM + text / 3} y={text / 3} fontSize={text * 0.85}>
          {lengths.amount(RULER_MM)}
        </text>
      </g>
    </Box>
  );
}
