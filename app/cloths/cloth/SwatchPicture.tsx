import Box from "@mui/material/Box";

const ROWS = [
  { y: 12, from: 60, to: 190, words: "at rest, two marks on the gauge" },
  { y: 42, from: 20, to: 230, words: "pulled to the comfortable limit" },
  { y: 72, from: 56, to: 195, words: "let go, after 60 seconds" },
] as const;

/** A swatch at rest, pulled, and after a minute: what the three lengths are. */
export function SwatchPicture() {
  return (
    <Box
      component="svg"
      role="img"
      aria-label="A swatch at rest, pulled to the comfortable limit, and 60 seconds after letting go"
      viewBox="0 0 520 96"
      sx={{ width: "100%", maxWidth: 560, mb: 1.5 }}
    >
      {ROWS.map(({ y, from, to, words }) => (
        <g key={words}>
          <rect
            x={from - 14}
            y={y}
            width={to - from + 28}
            height={18}
            rx={2}
            fill="var(--stz-palette-bench-thread)"
            fillOpacity={0.14}
            stroke="var(--stz-palette-bench-thread)"
          />
          {[from, to].map((x) => (
            <path key={x} d={`M ${x} ${y - 3} v 24`} stroke="var(--stz-palette-bench-mulberry)" strokeWidth={2.5} />
          ))}
          <text x={262} y={y + 14} fontSize={14} fill="var(--stz-palette-bench-ink)">
            {words}
          </text>
        </g>
      ))}
    </Box>
  );
}
