import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import type { Reckoned } from "../../../core/calculation/index.ts";
import { GAP_PLACES } from "../../../core/corset/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import type { GapRead } from "../../../core/wear/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { numberCells } from "../calculation/numberCells.tsx";

interface GapReadsProps {
  readonly gaps: readonly GapRead[];
  readonly targetMm: number;
  readonly numbers: readonly Reckoned[];
  readonly laced: boolean;
}

/** Every gap that was read, drawn as it opens on its way down, with what each seam edge takes there. */
export function GapReads({ gaps, targetMm, numbers, laced }: GapReadsProps) {
  const lengths = useLengths();
  if (gaps.length === 0) return null;
  const cell = numberCells(numbers);
  const widest = Math.max(targetMm, 30, ...gaps.flatMap(({ gap }) => GAP_PLACES.map((place) => gap[place])));
  return (
    <Box component="section" aria-labelledby="gap-shapes" sx={{ mb: 3 }}>
      <Typography variant="h3" id="gap-shapes" sx={{ mb: 1 }}>
        {laced ? "Gap, from mock-up to mock-up" : "What it lacked to meet"}
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(210px, 1fr))", gap: 2 }}>
        {gaps.map((read) => (
          <Paper key={read.at} sx={{ p: 1.5 }}>
            <Typography sx={{ fontWeight: 700 }}>
              {read.mockUp === null ? `Reading ${read.at + 1}` : `Mock-up ${read.mockUp}`}
              <Box component="span" sx={{ fontWeight: 400, color: "text.secondary" }}>
                {` on ${read.who === "form" ? "a form" : "the wearer"}${read.on ? `, ${formatDay(read.on)}` : ""}`}
              </Box>
            </Typography>
            <Shape read={read} targetMm={targetMm} widest={widest} />
            <Box component="dl" sx={rowStyle}>
              {GAP_PLACES.map((place) => {
                return (
                  <Box key={place} sx={{ display: "contents" }}>
                    <dt>{place}</dt>
                    <dd>{lengths.amount(read.gap[place])}</dd>
                    <dd className="edge">{cell(`edge.${read.at}.${place}`)}</dd>
                  </Box>
                );
              })}
            </Box>
            <Typography
              sx={{ fontSize: "0.88rem", color: read.good ? "success.main" : "warning.main", fontWeight: 600 }}
            >
              {read.good ? "Parallel, as wanted" : read.parallel ? "Parallel, not as wide as wanted" : "Not parallel"}
            </Typography>
          </Paper>
        ))}
      </Box>
      <Typography sx={{ mt: 1, fontSize: "0.9rem", color: "text.secondary" }}>
        Last column: what every seam edge takes there, above 0 outward. Put it on the record of the fitting as “Lacing
        gap not parallel”, and it is cut into the next panels.
      </Typography>
    </Box>
  );
}

const rowStyle = {
  display: "grid",
  gridTemplateColumns: "1fr auto auto",
  columnGap: 1.5,
  m: 0,
  mb: 0.5,
  fontSize: "0.92rem",
  "& dt": { color: "text.secondary" },
  "& dd": { m: 0, textAlign: "right", fontWeight: 600 },
  "& .edge": { minWidth: 64 },
} as const;

/** A gap as it opens, beside the one that is wanted: twice as wide as high, so that a difference is seen. */
function Shape({ read: { gap }, targetMm, widest }: { read: GapRead; targetMm: number; widest: number }) {
  const half = (mm: number) => (mm / widest) * 44;
  const edge = (side: number) =>
    `M ${50 + side * half(gap.top)} 4 Q ${50 + side * half(gap.waist)} 34 ${50 + side * half(gap.waist)} 38 Q ${50 + side * half(gap.waist)} 42 ${50 + side * half(gap.bottom)} 72`;
  return (
    <Box sx={shapeStyle}>
      <svg viewBox="0 0 100 76" width="100%" height={96} aria-hidden="true">
        <rect x={50 - half(targetMm)} y={4} width={2 * half(targetMm)} height={68} className="wanted" />
        {[1, -1].map((side) => (
          <path key={side} d={edge(side)} className="edge" />
        ))}
        <line x1={4} x2={96} y1={38} y2={38} className="waist" />
      </svg>
    </Box>
  );
}

const shapeStyle = {
  my: 0.5,
  "& path, & line, & rect": { fill: "none", vectorEffect: "non-scaling-stroke" },
  "& .wanted": { fill: "var(--stz-palette-bench-thread)", fillOpacity: 0.16 },
  "& .edge": { stroke: "var(--stz-palette-bench-thread)", strokeWidth: 2 },
  "& .waist": { stroke: "var(--stz-palette-primary-main)", strokeWidth: 1, strokeDasharray: "4 3" },
} as const;
