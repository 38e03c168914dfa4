import Box from "@mui/material/Box";
import type { FittedWire } from "../../../core/band/index.ts";
import { arcThrough, arcTo } from "../../../core/figure/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { drawingStyle } from "../calculation/drawing.ts";

const MARGIN = 26;

/** The channel laid out along its curve, with the folds at its ends and the wire lying in it. */
export function WireDrawing({ wire }: { wire: FittedWire }) {
  const lengths = useLengths();
  const { side, input, fit } = wire;
  const of = side === "both" ? "" : `, ${side}`;
  const chord = fit.draftTipDistanceMm;
  const arc = arcThrough(chord, input.channelMm);
  if (!arc) return null;
  const depth = arc.radius * (1 - Math.cos(arc.halfAngle));
  const wide = arc.halfAngle > Math.PI / 2 ? 2 * arc.radius : chord;
  const path = `M 0 0 ${arcTo([chord, 0], arc, 0)}`;
  const { channelMm, foldTopMm, foldBridgeMm, wireMm } = input;
  const from = foldTopMm + fit.freeMm / 2;
  // Two wires stand beside each other at half the width: their words keep their size.
  const text = Math.max(wide, depth) / (side === "both" ? 20 : 13);
  return (
    <Box
      component="svg"
      role="img"
      aria-label={lengths.told(
        `A channel of ${Math.round(channelMm)} mm with a wire of ${Math.round(wireMm)} mm: ${Math.round(fit.freeMm)} mm free${of}`,
      )}
      viewBox={`${chord / 2 - wide / 2 - MARGIN * 2} ${-MARGIN} ${wide + MARGIN * 4} ${depth + 2 * MARGIN}`}
      sx={{ ...drawingStyle, maxHeight: 260, mb: 1 }}
    >
      <path className="line" d={path} style={{ strokeWidth: 9, strokeOpacity: 0.14, vectorEffect: "none" }} />
      {/* The folds at both ends: the wire must stay between them. */}
      <path
        className="line"
        d={path}
        pathLength={channelMm}
        style={{
          strokeWidth: 9,
          vectorEffect: "none",
          strokeDasharray: `${foldTopMm} ${channelMm - foldTopMm - foldBridgeMm} ${foldBridgeMm}`,
          strokeOpacity: 0.55,
        }}
      />
      {fit.freeMm >= 0 ? (
        <path
          className="strong"
          d={path}
          pathLength={channelMm}
          style={{ strokeWidth: 2.6, vectorEffect: "none", strokeDasharray: `0 ${from} ${wireMm} ${channelMm}` }}
        />
      ) : (
        <path className="strong" d={path} style={{ strokeWidth: 2.6, vectorEffect: "none", strokeDasharray: "10 3" }} />
      )}
      <text x={0} y={-text * 0.9} fontSize={text} textAnchor="middle">
        underarm{of}
      </text>
      <text x={chord} y={-text * 0.9} fontSize={text} textAnchor="middle">
        bridge
      </text>
      {/* High between the tips, where the arc is wide. */}
      <text x={chord / 2} y={depth * 0.3} fontSize={text} textAnchor="middle">
        {fit.freeMm >= 0 ? `${lengths.amount(fit.freeMm)} free` : `${lengths.amount(-fit.freeMm)} too long`}
      </text>
      <text x={chord / 2} y={depth * 0.3 + text * 1.4} fontSize={text * 0.85} textAnchor="middle">
        tips {lengths.length(chord)}
      </text>
      <text x={chord / 2} y={depth * 0.3 + text * 2.5} fontSize={text * 0.85} textAnchor="middle">
        apart when worn
      </text>
    </Box>
  );
}
