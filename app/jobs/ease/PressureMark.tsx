import Box from "@mui/material/Box";
import { bandWords, PRESSURE_BANDS, type PressureBand } from "../../../core/ease/index.ts";

const SIZE = { width: 30, height: 16 };

/** Arrows that press on a line, from one to four; the last band is filled. */
const ARROWS: Readonly<Record<PressureBand, number>> = { easy: 1, snug: 2, firm: 3, stop: 4 };

/** The mark of a pressure band: arrows pressing on the skin, the more the harder. Read without colour. */
export function PressureMark({ band, withWord = false }: { band: PressureBand; withWord?: boolean }) {
  const { word } = bandWords(band);
  const hard = band === "firm" || band === "stop";
  const ink = hard ? "var(--stz-palette-bench-caution)" : "var(--stz-palette-bench-ink)";
  return (
    <span className="mark">
      <svg
        role="img"
        aria-label={`pressure: ${word}`}
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        width={SIZE.width}
        height={SIZE.height}
      >
        <path d={`M 1 ${SIZE.height - 2} H ${SIZE.width - 1}`} stroke={ink} strokeWidth={1.6} />
        {Array.from({ length: ARROWS[band] }, (_, index) => {
          const x = (SIZE.width / (ARROWS[band] + 1)) * (index + 1);
          return (
            <path
              key={x}
              d={`M ${x} 1 V 7 M ${x - 3} 6.5 L ${x} 12 L ${x + 3} 6.5 Z`}
              stroke={ink}
              strokeWidth={1.3}
              fill={band === "stop" ? ink : "none"}
            />
          );
        })}
      </svg>
      {withWord ? (
        <Box component="span" sx={hard ? { color: "warning.main", fontWeight: 700 } : {}}>
          {word}
        </Box>
      ) : null}
    </span>
  );
}

/** The bands with their words and limits, for legends. */
export function PressureLegend() {
  const from: Readonly<Record<PressureBand, string>> = {
    easy: "under 1.5 kPa",
    snug: "from 1.5",
    firm: "from 2.7",
    stop: "over 4.0; at leg and arm from 2.7",
  };
  return (
    <Box
      component="ul"
      aria-label="Pressure scale"
      sx={{ display: "flex", flexWrap: "wrap", gap: "4px 16px", p: 0, m: 0, listStyle: "none", fontSize: "0.85rem" }}
    >
      {PRESSURE_BANDS.map(({ band }) => (
        <li key={band}>
          <PressureMark band={band} withWord /> {from[band]}
        </li>
      ))}
    </Box>
  );
}
