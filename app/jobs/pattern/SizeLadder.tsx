import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import { type PatternZone, ZONE_NAMES } from "../../../core/ease/index.ts";

const LEFT = 86;
const STEP_Y = 44;
const WIDTH = 340;

/** The sizes down the body: the chosen line through the zones, and the size each zone alone would take. */
export function SizeLadder({ zones, names }: { zones: readonly PatternZone[]; names: readonly string[] }) {
  const least = Math.max(0, Math.min(...zones.flatMap(({ free, chosen }) => [free, chosen])) - 1);
  const most = Math.min(names.length - 1, Math.max(...zones.flatMap(({ free, chosen }) => [free, chosen])) + 1);
  const xOf = scaleLinear([least, Math.max(least + 1, most)], [LEFT + 20, WIDTH - 26]);
  const yOf = scaleLinear([0, 1], [46, 46 + STEP_Y]);
  const chosenLine = line<PatternZone>()
    .x(({ chosen }) => xOf(chosen))
    .y((_, row) => yOf(row));
  const height = yOf(zones.length - 1) + 34;
  const shown = names.map((name, index) => ({ name, index })).slice(least, most + 1);
  return (
    <Paper sx={{ p: 1.5 }}>
      <Typography variant="h3">Down the body</Typography>
      <Box
        component="svg"
        role="img"
        aria-label={zones
          .map(
            ({ zone, chosenName, freeName }) =>
              `${ZONE_NAMES[zone]} ${chosenName}${freeName === chosenName ? "" : `, alone ${freeName}`}`,
          )
          .join("; ")}
        viewBox={`0 0 ${WIDTH} ${height}`}
        sx={{
          display: "block",
          width: "100%",
          maxWidth: 420,
          "& text": { fontSize: 13, fill: "var(--stz-palette-bench-ink)" },
        }}
      >
        {shown.map(({ name, index }) => (
          <g key={name}>
            <path d={`M ${xOf(index)} 26 V ${height - 10}`} stroke="var(--stz-palette-bench-line)" />
            <text x={xOf(index)} y={18} textAnchor="middle">
              {name}
            </text>
          </g>
        ))}
        <path d={chosenLine(zones) ?? ""} fill="none" stroke="var(--stz-palette-bench-thread)" strokeWidth={3} />
        {zones.map(({ zone, free, chosen }, row) => (
          <g key={zone}>
            <text x={0} y={yOf(row) + 4}>
              {ZONE_NAMES[zone]}
            </text>
            {free === chosen ? null : (
              <path
                d={`M ${xOf(free)} ${yOf(row)} H ${xOf(chosen)}`}
                stroke="var(--stz-palette-bench-mulberry)"
                strokeDasharray="3 3"
              />
            )}
            <circle cx={xOf(chosen)} cy={yOf(row)} r={6} fill="var(--stz-palette-bench-thread)" />
            {free === chosen ? null : (
              <rect
                x={xOf(free) - 6}
                y={yOf(row) - 6}
                width={12}
                height={12}
                fill="var(--stz-palette-bench-sheet)"
                stroke="var(--stz-palette-bench-mulberry)"
                strokeWidth={2}
              />
            )}
          </g>
        ))}
      </Box>
      <Typography sx={{ fontSize: "0.85rem", color: "text.secondary" }}>
        Round: the size chosen. Square: what the zone alone would take.
      </Typography>
    </Paper>
  );
}
