import { LACED_STEPS, type LacedStep, type StretchStep } from "../../../core/ease/index.ts";
import { SCALE_MARK, ScaleMark } from "./ScaleMark.tsx";

/** The tone of each step: those of the strain scale, which is never shown beside it. */
const TONE: Readonly<Record<LacedStep, StretchStep>> = {
  room: "slack",
  eased: "resting",
  laced: "light",
  hard: "drawn",
  stop: "broken",
};

/** How far apart its two edges are drawn, of the half width. */
const APART: Readonly<Record<LacedStep, number>> = { room: 0.8, eased: 0.6, laced: 0.4, hard: 0.2, stop: 0.06 };

/** The mark of one step of a boned garment: two edges with their lacing, the nearer the further it is closed; its word for those who do not see it. */
export function LacedMark({ step }: { step: LacedStep }) {
  const word = LACED_STEPS.find((known) => known.step === step)?.word ?? step;
  const middle = SCALE_MARK.width / 2;
  const [left, right] = [middle * (1 - APART[step]), middle * (1 + APART[step])];
  const ink = `var(--stz-palette-bench-${step === "stop" ? "onMulberry" : "ink"})`;
  return (
    <span className="mark">
      <ScaleMark tone={TONE[step]} word={word}>
        <path d={`M${left} 1V15M${right} 1V15`} fill="none" stroke={ink} strokeWidth={2} />
        <path
          d={`M${left} 4L${right} 8L${left} 12M${right} 4L${left} 8L${right} 12`}
          fill="none"
          stroke={ink}
          strokeWidth={0.8}
        />
      </ScaleMark>
    </span>
  );
}
