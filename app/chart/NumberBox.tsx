import { chartInk } from "./chartStyle.ts";

/** A number in a box inside a drawing, as it stands over its column or in its list; filled where it is the chosen one. */
export function NumberBox({
  x,
  y,
  chosen = false,
  children,
}: {
  x: number;
  y: number;
  chosen?: boolean;
  children: string;
}) {
  return (
    <>
      <rect
        x={x - 8}
        y={y - 9}
        width={16}
        height={18}
        rx={2}
        fill={chosen ? chartInk.second : chartInk.sheet}
        stroke={chartInk.second}
        strokeWidth={1.4}
      />
      <text
        x={x}
        y={y + 4.5}
        textAnchor="middle"
        fontSize={13}
        fontWeight={750}
        fill={chosen ? "var(--stz-palette-bench-onMulberry)" : chartInk.second}
      >
        {children}
      </text>
    </>
  );
}
