import Box from "@mui/material/Box";
import { type ClosedRing, CORSET_LEVEL_NAMES, type CorsetLevel } from "../../../core/corset/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Room round the drawn rings, mm of the body. */
const [BESIDE, ABOVE, APART, LABELS] = [16, 44, 40, 230] as const;

/** How deep a ring is drawn as seen a little from above, as a part of its width. */
const TILT = 0.14;

/** A closed garment round a simple body, from the front and from behind: its seams, its gap, and the body it makes smaller. */
export function ClosedShape({ rings }: { rings: readonly ClosedRing[] }) {
  const lengths = useLengths();
  const [first, last] = [rings[0], rings.at(-1)];
  if (!first || !last || rings.length < 2) return null;
  const half = Math.max(...rings.flatMap(({ halfMm, bodyHalfMm }) => [halfMm, bodyHalfMm]));
  const height = last.downMm + 2 * ABOVE + TILT * half;
  const width = LABELS + 4 * half + APART + 2 * BESIDE;
  const centres = { front: LABELS + BESIDE + half, back: LABELS + BESIDE + 3 * half + APART };
  return (
    <Box sx={pictureStyle}>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width="100%"
        role="img"
        aria-label={`Closed round a body, front and back: ${rings
          .map(({ level, closedMm }) => `${nameOf(level).toLowerCase()} ${lengths.length(closedMm)}`)
          .join(", ")}`}
      >
        <g transform={`translate(0 ${ABOVE})`}>
          {rings.map(({ level, downMm, closedMm }) => (
            <g key={level}>
              <text x={4} y={downMm + 2} className="closed-label">
                {nameOf(level)}
              </text>
              <text x={LABELS - 4} y={downMm + 2} className="closed-value" textAnchor="end">
                {lengths.length(closedMm)}
              </text>
            </g>
          ))}
          <View rings={rings} centre={centres.front} front />
          <View rings={rings} centre={centres.back} front={false} />
          <text x={centres.front} y={-16} className="closed-title" textAnchor="middle">
            front
          </text>
          <text x={centres.back} y={-16} className="closed-title" textAnchor="middle">
            back
          </text>
        </g>
      </svg>
      <Box component="p" sx={{ m: 0, fontSize: "0.85rem", color: "text.secondary" }}>
        Closed round a simple body of the same girths. Dashed: the body without it.
      </Box>
    </Box>
  );
}

const nameOf = (level: string): string => CORSET_LEVEL_NAMES[level as CorsetLevel] ?? level;

const pictureStyle = {
  mb: 2,
  maxWidth: 720,
  "& text": { fontSize: 21, fill: "currentColor" },
  "& .closed-value": { fontWeight: 700 },
  "& .closed-title": { fontSize: 20, opacity: 0.75 },
  "& path, & line": { fill: "none", vectorEffect: "non-scaling-stroke" },
  "& .closed-garment": {
    fill: "var(--stz-palette-bench-thread)",
    fillOpacity: 0.12,
    stroke: "var(--stz-palette-bench-thread)",
    strokeWidth: 1.8,
  },
  "& .closed-body": { stroke: "var(--stz-palette-bench-inkSoft)", strokeWidth: 1.2, strokeDasharray: "5 4" },
  "& .closed-level": { stroke: "var(--stz-palette-bench-inkSoft)", strokeWidth: 0.7, opacity: 0.7 },
  "& .closed-waist": { stroke: "var(--stz-palette-primary-main)", strokeWidth: 1.8 },
  "& .closed-seam": { stroke: "var(--stz-palette-bench-thread)", strokeWidth: 1.2 },
  "& .closed-centre": { stroke: "var(--stz-palette-bench-thread)", strokeWidth: 1.6 },
  "& .closed-lace": { stroke: "var(--stz-palette-primary-main)", strokeWidth: 1 },
} as const;

/** One side of the body with what lies on it. */
function View({ rings, centre, front }: { rings: readonly ClosedRing[]; centre: number; front: boolean }) {
  const count = rings[0]?.seams.length ?? 0;
  const last = rings.at(-1);
  const outline = (of: (ring: ClosedRing) => number) => {
    const right = rings.map((ring) => [centre + of(ring), ring.downMm] as const);
    const left = rings.map((ring) => [centre - of(ring), ring.downMm] as const);
    const end = last ? of(last) : 0;
    return `${smooth(right)} A ${end} ${TILT * end} 0 0 1 ${centre - end} ${last?.downMm ?? 0} ${smooth(left.toReversed()).replace("M", "L")} Z`;
  };
  return (
    <g className="closed-view">
      <path d={outline(({ halfMm }) => halfMm)} className="closed-garment" />
      <path d={outline(({ bodyHalfMm }) => bodyHalfMm)} className="closed-body" />
      {rings.map(({ level, downMm, halfMm }) => (
        <path
          key={level}
          d={`M ${centre - halfMm} ${downMm} A ${halfMm} ${TILT * halfMm} 0 0 0 ${centre + halfMm} ${downMm}`}
          className={level === "waist" ? "closed-waist" : "closed-level"}
        />
      ))}
      {Array.from({ length: count }, (_, seam) => seam).flatMap((seam) =>
        seamPath(rings, seam, front, centre).map((d) => <path key={d} d={d} className="closed-seam" />),
      )}
      {front ? null : <Gap rings={rings} centre={centre} />}
      {front ? (
        <line x1={centre} x2={centre} y1={low(rings[0])} y2={low(rings.at(-1))} className="closed-centre" />
      ) : null}
    </g>
  );
}

/** Where the middle of a ring lies as it is drawn. */
const low = (ring: ClosedRing | undefined): number => (ring ? ring.downMm + TILT * ring.halfMm : 0);

/** A place of a ring as it is drawn: the nearer to the middle, the lower. */
const placed = ({ downMm, halfMm }: ClosedRing, across: number): number =>
  downMm + TILT * halfMm * Math.sqrt(Math.max(0, 1 - (across / halfMm) ** 2));

/** A seam down one side of the body, on the left and on the right. */
function seamPath(rings: readonly ClosedRing[], seam: number, front: boolean, centre: number): string[] {
  const shown = rings.filter((ring) => ring.seams[seam]?.inFront === front);
  if (shown.length < 2) return [];
  return [1, -1].map((side) =>
    smooth(
      shown.map((ring) => {
        const across = ring.seams[seam]?.acrossMm ?? 0;
        return [centre + side * across, placed(ring, across)] as const;
      }),
    ),
  );
}

/** The gap behind with its lacing; a line where it closes edge to edge. */
function Gap({ rings, centre }: { rings: readonly ClosedRing[]; centre: number }) {
  const gap = rings[0]?.halfGapMm ?? 0;
  const [top, bottom] = [low(rings[0]), low(rings.at(-1))];
  if (gap === 0) return <line x1={centre} x2={centre} y1={top} y2={bottom} className="closed-centre" />;
  const rows = Math.max(2, Math.round((bottom - top) / 26));
  const at = (row: number) => top + ((bottom - top) * row) / rows;
  const edge = (side: number) =>
    smooth(rings.map((ring) => [centre + side * ring.halfGapMm, placed(ring, ring.halfGapMm)] as const));
  return (
    <>
      {[1, -1].map((side) => (
        <path key={side} d={edge(side)} className="closed-centre" />
      ))}
      {Array.from({ length: rows }, (_, row) => (
        <path
          key={at(row)}
          d={`M ${centre - gap} ${at(row)} L ${centre + gap} ${at(row + 1)} M ${centre + gap} ${at(row)} L ${centre - gap} ${at(row + 1)}`}
          className="closed-lace"
        />
      ))}
    </>
  );
}

/** A smooth line through places that go down, by the slopes of their neighbours. */
function smooth(places: readonly (readonly [number, number])[]): string {
  const slope = (at: number) => {
    const [before, after] = [places[Math.max(0, at - 1)], places[Math.min(places.length - 1, at + 1)]];
    return before && after && after[1] !== before[1] ? (after[0] - before[0]) / (after[1] - before[1]) : 0;
  };
  return places
    .map(([x, y], at) => {
      const before = places[at - 1];
      if (!before) return `M ${x} ${y}`;
      const third = (y - before[1]) / 3;
      return `C ${before[0] + third * slope(at - 1)} ${before[1] + third} ${x - third * slope(at)} ${y - third} ${x} ${y}`;
    })
    .join(" ");
}
