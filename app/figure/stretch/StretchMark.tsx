import Box from "@mui/material/Box";
import { STRETCH_STEPS, type StretchStep } from "../../../core/ease/index.ts";
import { threadPath } from "./threadPath.ts";

const SIZE = { width: 44, height: 16 };

/** The mark of one step of the strain scale, with its word for those who do not see it. */
export function StretchMark({ step, withWord = false }: { step: StretchStep; withWord?: boolean }) {
  const word = STRETCH_STEPS.find((known) => known.step === step)?.word ?? step;
  return (
    <span className="mark">
      <svg role="img" aria-label={word} viewBox={`-2 -2 ${SIZE.width + 4} ${SIZE.height + 4}`} width={46} height={19}>
        <rect
          x={-1}
          y={-1}
          width={SIZE.width + 2}
          height={SIZE.height + 2}
          rx={2}
          fill={`var(--stz-palette-bench-stretch-${step})`}
          stroke="var(--stz-palette-bench-line)"
        />
        <path
          d={threadPath(step, SIZE.width, SIZE.height)}
          fill="none"
          stroke={step === "broken" ? "var(--stz-palette-bench-onMulberry)" : "var(--stz-palette-bench-ink)"}
          strokeWidth={1.5}
        />
      </svg>
      {withWord ? <span>{word}</span> : null}
    </span>
  );
}

/** The whole scale with its words, for legends. */
export function StretchLegend() {
  return (
    <Box
      component="ul"
      aria-label="Strain scale"
      sx={{ display: "flex", flexWrap: "wrap", gap: "4px 16px", p: 0, m: 0, listStyle: "none", fontSize: "0.85rem" }}
    >
      {STRETCH_STEPS.map(({ step }) => (
        <li key={step}>
          <StretchMark step={step} withWord />
        </li>
      ))}
    </Box>
  );
}
