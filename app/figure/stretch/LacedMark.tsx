import { LACED_STEPS, type LacedStep } from "../../../core/ease/index.ts";

const SIZE = { width: 44, height: 16 };

/** The tone of each step: those of the strain scale, which is never shown beside it. */
const TONE: Readonly<Record<LacedStep, string>> = {
  ...{ room: "slack", eased: "resting", laced: "light", hard: "drawn", stop: "broken" },
};

/** How far apart its two edges are drawn, of the half width. */
const APART: Readonly<Record<LacedStep, number>> = { room: 0.8, eased: 0.6, laced: 0.4, hard: 0.2, stop: 0.06 };

/** The mark of one step of a boned garment: two edges with their lacing, the nearer the further it is closed; its word for those who do not see it. */
export function LacedMark({ step }: { step: LacedStep }) {
  const word = LACED_STEPS.find((known) => known.step === step)?.word ?? step;
  const [left, right] = [-1, 1].map((side) => SIZE.width / 2 + (side * APART[step] * SIZE.width) / 2) as [
    number,
    number,
  ];
  const ink = `var(--stz-palette-bench-${step === "stop" ? "onMulberry" : "ink"})`;
  return (
    <span className="mark">
      <svg role="img" aria-label={word} viewBox={`-2 -2 ${SIZE.width + 4} ${SIZE.height + 4}`} width={46} height={19}>
        <title>{word}</title>
        <rect
          x={-1}
          y={-1}
          width={SIZE.width + 2}
          height={SIZE.height + 2}
          rx={2}
          fill={`var(--stz-palette-bench-stretch-${TONE[step]})`}
          stroke="var(--stz-palette-bench-line)"
        />
        <path d={`M${left} 1V15M${right} 1V15`} fill="none" stroke={ink} strokeWidth={2} />
        <path
          d={`M${left} 4L${right} 8L${left} 12M${right} 4L${left} 8L${right} 12`}
          fill="none"
          stroke={ink}
          strokeWidth={0.8}
        />
      </svg>
    </span>
  );
}
