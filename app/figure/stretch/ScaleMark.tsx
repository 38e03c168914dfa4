import type { ReactNode } from "react";
import type { StretchStep } from "../../../core/ease/index.ts";

/** Size of what is drawn in the mark of a scale. */
export const SCALE_MARK = { width: 44, height: 16 } as const;

/** The mark of one step of a scale: its tone, what is drawn in it, and its word for those who do not see it. */
export function ScaleMark({ tone, word, children }: { tone: StretchStep; word: string; children: ReactNode }) {
  const { width, height } = SCALE_MARK;
  return (
    <svg role="img" aria-label={word} viewBox={`-2 -2 ${width + 4} ${height + 4}`} width={46} height={19}>
      <rect
        x={-1}
        y={-1}
        width={width + 2}
        height={height + 2}
        rx={2}
        fill={`var(--stz-palette-bench-stretch-${tone})`}
        stroke="var(--stz-palette-bench-line)"
      />
      {children}
    </svg>
  );
}
