import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { boxOfEdges, type Draft, joinedUppers, pathData } from "../../../core/drafting/index.ts";

/** Room round the line, mm. */
const ROUND = 10;

/** The upper edge with every seam closed, from the centre front to the centre back: one smooth line, or it is seen where not. */
export function UpperEdge({ draft }: { draft: Draft }) {
  const parts = joinedUppers(draft);
  if (parts.length === 0) return null;
  const { from, to } = boxOfEdges(parts.flatMap(({ lines }) => lines));
  const [width, height] = [to.x - from.x + 2 * ROUND, to.y - from.y + 2 * ROUND];
  return (
    <Box sx={lineStyle}>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Upper edge, seams closed
      </Typography>
      <svg
        viewBox={`${from.x - ROUND} ${from.y - ROUND} ${width} ${height}`}
        width="100%"
        role="img"
        aria-label="The upper edge from the centre front to the centre back with its seams closed"
      >
        {parts.map(({ piece, edge, lines }) => (
          <path key={`${piece} ${edge}`} d={pathData(lines)} className={edge === "cup" ? "cup" : "edge"} />
        ))}
        {parts.slice(1).flatMap(({ piece, edge, lines }, at) => {
          const start = lines[0]?.from;
          return start && parts[at]?.piece !== piece
            ? [<circle key={`${piece} ${edge}`} cx={start.x} cy={start.y} r={3} />]
            : [];
        })}
      </svg>
      <Typography sx={{ fontSize: "0.85rem", color: "text.secondary" }}>
        From the centre front to the centre back; dots are seams
        {parts.some(({ edge }) => edge === "cup") ? ", broken is where the cup is sewn in" : ""}.
      </Typography>
    </Box>
  );
}

const lineStyle = {
  mb: 2,
  maxWidth: 720,
  "& path": {
    fill: "none",
    stroke: "var(--stz-palette-bench-thread)",
    strokeWidth: 2,
    vectorEffect: "non-scaling-stroke",
  },
  "& .cup": { stroke: "var(--stz-palette-primary-main)", strokeDasharray: "6 4" },
  "& circle": { fill: "var(--stz-palette-primary-main)" },
} as const;
