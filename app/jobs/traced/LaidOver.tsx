import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import {
  areaBetween,
  boxOfEdges,
  type Edge,
  laidOver,
  lengthOfEdges,
  pathData,
  stationsOf,
} from "../../../core/drafting/index.ts";
import { laidOtherwise, readCurveText } from "../../../formats/drafts/curve.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** The curve is looked at in so many places between its ends. */
const STATIONS = 7;

/** What was typed of a curve so far. */
export interface TypedCurve {
  readonly points: string;
  readonly turned: boolean;
  readonly flipped: boolean;
}

/** Room round the drawing, mm. */
const ROOM = 12;

/** A traced curve over the edge it is laid on: both lines, the area between them, and how far they are apart along it. */
export function LaidOver({ lines, typed }: { lines: readonly Edge[]; typed: TypedCurve }) {
  const lengths = useLengths();
  const read = readCurveText(typed.points);
  const laid = read.ok ? laidOver(lines, laidOtherwise(read.value, typed)) : read;
  const curve = laid.ok ? laid.value : [];
  const start = lines[0]?.from;
  const box = boxFor([...lines, ...curve]);
  const between = laid.ok ? areaBetween(lines, curve) : 0;
  return (
    <Box component="section" aria-label="Over the edge" sx={{ order: { xs: -1, md: 0 } }}>
      <Box
        component="svg"
        role="img"
        aria-label={laid.ok ? "The traced curve over the edge" : "The edge"}
        viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
        sx={{
          ...{ display: "block", width: "100%", height: 320, bgcolor: "background.paper", border: 1, mb: 1.5 },
          borderColor: "divider",
          "& path": { fill: "none", strokeWidth: 2, vectorEffect: "non-scaling-stroke" },
          "& .edge": { stroke: "var(--stz-palette-text-primary)" },
          "& .curve": { stroke: "var(--stz-palette-primary-main)", strokeDasharray: "7 4" },
        }}
      >
        <path className="edge" d={pathData(lines)} />
        {laid.ok ? <path className="curve" d={pathData(curve)} /> : null}
        {start ? (
          <>
            <circle cx={start.x} cy={start.y} r={box.height / 60} fill="currentColor" />
            <text
              x={start.x + box.height / 30}
              y={start.y + box.height / 90}
              fontSize={box.height / 18}
              fill="currentColor"
            >
              start
            </text>
          </>
        ) : null}
      </Box>
      {laid.ok ? (
        <>
          <Typography sx={{ mb: 1 }}>
            <strong>{squareCentimetres(Math.abs(between))}</strong> {between >= 0 ? "to be added" : "to be shaved off"}{" "}
            in all; the edge is {lengths.amount(lengthOfEdges(lines))} long, the curve{" "}
            {lengths.amount(lengthOfEdges(curve))}.
          </Typography>
          <Box component="table" sx={plainTable} aria-label="How far the curve lies from the edge">
            <thead>
              <tr>
                <th scope="col">Along the edge</th>
                <th scope="col" className="number">
                  Outside of it
                </th>
              </tr>
            </thead>
            <tbody>
              {stationsOf(lines, curve, STATIONS).map(({ alongMm, offMm }) => (
                <tr key={alongMm}>
                  <th scope="row">{lengths.amount(alongMm)}</th>
                  <td className="number">{lengths.difference(offMm)}</td>
                </tr>
              ))}
            </tbody>
          </Box>
        </>
      ) : (
        <Typography sx={{ color: "text.secondary" }}>
          {typed.points.trim() === ""
            ? "Bend a ruler to the body, lay it on paper, draw a straight line from end to end. Read off along the line and off it, place by place."
            : laid.problem.message}
        </Typography>
      )}
    </Box>
  );
}

const squareCentimetres = (mm2: number): string => `${(mm2 / 100).toFixed(1)} cm²`;

function boxFor(lines: readonly Edge[]) {
  const { from, to } = boxOfEdges(lines);
  return { x: from.x - ROOM, y: from.y - ROOM, width: to.x - from.x + 2 * ROOM, height: to.y - from.y + 2 * ROOM };
}
