import Box from "@mui/material/Box";
import { STRETCH_STEPS, type StretchStep } from "../../../core/ease/index.ts";
import { SCALE_MARK, ScaleMark } from "./ScaleMark.tsx";
import { threadPath } from "./threadPath.ts";

/** The mark of one step of the strain scale, with its word for those who do not see it. */
export function StretchMark({ step, withWord = false }: { step: StretchStep; withWord?: boolean }) {
  const word = STRETCH_STEPS.find((known) => known.step === step)?.word ?? step;
  return (
    <span className="mark">
      <ScaleMark tone={step} word={word}>
        <path
          d={threadPath(step, SCALE_MARK.width, SCALE_MARK.height)}
          fill="none"
          stroke={step === "broken" ? "var(--stz-palette-bench-onMulberry)" : "var(--stz-palette-bench-ink)"}
          strokeWidth={1.5}
        />
      </ScaleMark>
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
