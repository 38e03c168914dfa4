import Box from "@mui/material/Box";
import type { MadeBand } from "../../../core/band/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { drawingStyle } from "../calculation/drawing.ts";

const MARGIN = 40;
const ROW = 60;
const GAP = 46;

/** The band opened out: as it is cut, and as it lies round the ribs. Rigid parts are hatched, wings drawn by their stretch. */
export function BandDrawing({ band }: { band: MadeBand }) {
  const lengths = useLengths();
  const { rigidMm, cut, underbustMm, inhaledMm } = band;
  const rows = [
    { name: "as cut", wholeMm: cut.garmentMm, words: lengths.length(cut.garmentMm) },
    { name: "worn", wholeMm: underbustMm, words: lengths.length(underbustMm) },
    ...(inhaledMm === null ? [] : [{ name: "breathed in", wholeMm: inhaledMm, words: lengths.length(inhaledMm) }]),
  ];
  const widest = Math.max(...rows.map(({ wholeMm }) => wholeMm));
  const text = widest / 34;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={rows.map(({ name, words }) => `${name} ${words}`).join(", ")}
      viewBox={`${-widest / 2 - MARGIN} ${-text * 1.8} ${widest + 2 * MARGIN} ${rows.length * (ROW + GAP) + text}`}
      sx={{ ...drawingStyle, maxHeight: 300, mb: 1 }}
    >
      {rows.map(({ name, wholeMm, words }, index) => {
        const y = index * (ROW + GAP);
        const wing = (wholeMm - rigidMm) / 2;
        return (
          <g key={name}>
            <text x={-wholeMm / 2} y={y - text * 0.4} fontSize={text}>
              {name}: {words}
            </text>
            {[-wholeMm / 2, rigidMm / 2].map((x) => (
              <Wing key={x} x={x} y={y} width={wing} stretched={wing / (cut.wingMm / 2)} />
            ))}
            {rigidMm > 0 ? <Rigid y={y} width={rigidMm} /> : null}
          </g>
        );
      })}
    </Box>
  );
}

/** Lines across a wing: as many as are cut into it, further apart the more it is stretched. */
const LINES = 9;

function Wing({ x, y, width, stretched }: { x: number; y: number; width: number; stretched: number }) {
  return (
    <g>
      <rect
        className="cloth"
        x={x}
        y={y}
        width={width}
        height={ROW}
        style={{ fillOpacity: Math.min(0.45, 0.12 * stretched ** 3) }}
      />
      <rect className="line" x={x} y={y} width={width} height={ROW} />
      {Array.from({ length: LINES }, (_, index) => x + (width * (index + 1)) / (LINES + 1)).map((at) => (
        <path key={at} className="line" d={`M ${at} ${y + 8} V ${y + ROW - 8}`} />
      ))}
    </g>
  );
}

function Rigid({ y, width }: { y: number; width: number }) {
  const step = 14;
  const lines = Array.from({ length: Math.floor(width / step) }, (_, index) => -width / 2 + index * step);
  return (
    <g>
      <rect className="line" x={-width / 2} y={y} width={width} height={ROW} style={{ strokeWidth: 2.4 }} />
      {lines.map((x) => (
        <path key={x} className="line" d={`M ${x} ${y + ROW} l ${step} ${-ROW}`} style={{ strokeOpacity: 0.45 }} />
      ))}
    </g>
  );
}
