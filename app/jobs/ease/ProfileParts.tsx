import { scaleLinear } from "d3-scale";
import type { StretchStep } from "../../../core/ease/index.ts";
import { threadPath } from "../../figure/stretch/threadPath.ts";
import { BAR, BOTTOM } from "./profileScale.ts";

/** The thread that fills what is stretched. */
export function ThreadPattern({ id, step }: { id: string; step: StretchStep }) {
  return (
    <pattern id={id} width={24} height={BAR} patternUnits="userSpaceOnUse">
      <rect width={24} height={BAR} fill={`var(--stz-palette-bench-stretch-${step})`} />
      <path d={threadPath(step, 24, BAR)} fill="none" stroke="var(--stz-palette-bench-ink)" strokeWidth={0.9} />
    </pattern>
  );
}

/** A scale beside the figure: what it measures, and how far it goes. */
export interface ScaleProps {
  readonly from: number;
  readonly width: number;
  readonly most: number;
}

/** Where a value lies on a scale; what runs past an end stays at it. */
export const scaleOf = ({ from, width, most }: ScaleProps) => scaleLinear([0, most], [from, from + width]).clamp(true);

/** A scale with its ticks. */
export function Scale({
  from,
  width,
  most,
  top,
  title,
  marks,
  write,
}: ScaleProps & { top: number; title: string; marks: readonly number[]; write: (at: number) => string }) {
  const xOf = scaleOf({ from, width, most });
  return (
    <g>
      <text x={from} y={top - 18} fill="var(--stz-palette-bench-inkSoft)">
        {title}
      </text>
      {marks.map((mark) => {
        const x = xOf(mark);
        return (
          <g key={mark}>
            <path
              d={`M ${x} ${top} V ${BOTTOM}`}
              stroke="var(--stz-palette-bench-line)"
              strokeWidth={1.2}
              strokeDasharray={mark === 0 ? "" : "3 3"}
            />
            <text
              x={x}
              y={top - 4}
              textAnchor="middle"
              style={{ fontSize: 11 }}
              fill="var(--stz-palette-bench-inkSoft)"
            >
              {write(mark)}
            </text>
          </g>
        );
      })}
    </g>
  );
}
