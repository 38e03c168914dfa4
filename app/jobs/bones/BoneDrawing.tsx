import Box from "@mui/material/Box";
import type { CutBone } from "../../../core/bones/index.ts";
import { boxOfEdges, closedPath, type Draft, outlineOf, type Piece, type Point } from "../../../core/drafting/index.ts";

/** Between panels as they are drawn, and round all of them, mm. */
const [APART, ROUND, BELOW] = [26, 14, 24] as const;

/** The panels of one side beside one another with what lies on them: channels, waist, rows of eyelets along the back. */
export function BoneDrawing({
  draft,
  bones,
  rowsMm,
}: {
  draft: Draft;
  bones: readonly CutBone[];
  rowsMm: readonly number[];
}) {
  const boxes = draft.pieces.map((piece) => boxOfEdges(outlineOf(piece)));
  const starts = boxes.map((_, at) =>
    boxes.slice(0, at).reduce<number>((sum, { from, to }) => sum + to.x - from.x + APART, ROUND),
  );
  const top = Math.min(...boxes.map(({ from }) => from.y));
  const bottom = Math.max(...boxes.map(({ to }) => to.y));
  const last = boxes.at(-1);
  const width = (starts.at(-1) ?? 0) + (last ? last.to.x - last.from.x : 0) + ROUND;
  const height = bottom - top + 2 * ROUND + BELOW;
  return (
    <Box sx={drawingStyle}>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width="100%"
        role="img"
        aria-label={`Panels of one side from the centre front to the centre back, with ${bones.length} bone channels${rowsMm.length > 0 ? ` and ${rowsMm.length} rows of eyelets` : ""}`}
      >
        {draft.pieces.map((piece, at) => {
          const box = boxes[at];
          return (
            <g key={piece.id} transform={`translate(${(starts[at] ?? 0) - (box?.from.x ?? 0)} ${ROUND - top})`}>
              <path d={closedPath(outlineOf(piece))} className="panel" />
              <Waist piece={piece} />
              {bones
                .filter((bone) => bone.piece === piece.id)
                .map(({ id, way, kind }) => (
                  <path key={id} d={lineThrough(way)} className={`bone ${kind}`} />
                ))}
              {at === draft.pieces.length - 1 ? <Eyelets piece={piece} rowsMm={rowsMm} /> : null}
              <text
                x={((box?.from.x ?? 0) + (box?.to.x ?? 0)) / 2}
                y={bottom + BELOW}
                textAnchor="middle"
                className="number"
              >
                {at + 1}
              </text>
            </g>
          );
        })}
      </svg>
      <Box component="p" sx={{ m: 0, fontSize: "0.85rem", color: "text.secondary" }}>
        From the centre front to the centre back. Thick: flat bones; broken: those that bend sideways.
      </Box>
    </Box>
  );
}

const lineThrough = (way: readonly Point[]): string =>
  way.map(({ x, y }, at) => `${at === 0 ? "M" : "L"} ${x.toFixed(2)} ${y.toFixed(2)}`).join(" ");

function Waist({ piece }: { piece: Piece }) {
  const line = piece.levels.find(({ level }) => level === "waist");
  return line ? <line x1={line.from.x} y1={line.from.y} x2={line.to.x} y2={line.to.y} className="waist" /> : null;
}

/** How far inside the edge eyelets are drawn, mm. */
const INSIDE = 10;

/** Rows of eyelets just inside the back edge. */
function Eyelets({ piece, rowsMm }: { piece: Piece; rowsMm: readonly number[] }) {
  const edge = piece.edges.find(({ id }) => id === "back")?.lines[0];
  if (!edge) return null;
  return rowsMm.map((mm) => (
    <circle key={mm} cx={edge.from.x - INSIDE} cy={edge.from.y + mm} r={3.2} className="eyelet" />
  ));
}

const drawingStyle = {
  mb: 2,
  maxWidth: 860,
  "& path, & line, & circle": { fill: "none", vectorEffect: "non-scaling-stroke" },
  "& .panel": {
    fill: "var(--stz-palette-bench-thread)",
    fillOpacity: 0.08,
    stroke: "var(--stz-palette-bench-thread)",
    strokeWidth: 1.4,
  },
  "& .waist": { stroke: "var(--stz-palette-primary-main)", strokeWidth: 1.2, strokeDasharray: "6 4" },
  "& .bone": { stroke: "var(--stz-palette-text-primary)", strokeWidth: 3, strokeLinecap: "round", opacity: 0.75 },
  "& .bone.spiral, & .bone.plastic": { strokeDasharray: "2 5" },
  "& .eyelet": { stroke: "var(--stz-palette-primary-main)", strokeWidth: 1.4 },
  "& .number": { fontSize: 18, fontWeight: 700, fill: "currentColor" },
} as const;
