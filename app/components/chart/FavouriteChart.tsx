import { CartesianGrid, ResponsiveContainer, Scatter, ScatterChart, XAxis, YAxis } from "recharts";
import { chartInk, tick } from "./chartStyle.ts";

/** A garment's strain in one zone. */
export interface Favourite {
  readonly zone: string;
  /** Number of the garment, as in the list. */
  readonly mark: string;
  /** Strain in per cent; below 0 for a loose garment. */
  readonly strain: number;
}

/** In which strain a wearer likes each zone: one mark a garment, the number of the list in it. */
export function FavouriteChart({
  favourites,
  zones,
  label,
}: {
  favourites: readonly Favourite[];
  zones: readonly string[];
  label: string;
}) {
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={60 + zones.length * 44}>
        <ScatterChart margin={{ top: 8, right: 20, bottom: 24, left: 8 }} accessibilityLayer={false}>
          <CartesianGrid stroke={chartInk.grid} strokeDasharray="2 4" />
          <XAxis
            type="number"
            dataKey="strain"
            domain={[
              (least: number) => Math.min(0, Math.floor(least / 5) * 5),
              (most: number) => Math.ceil((most + 2) / 5) * 5,
            ]}
            tick={tick}
            label={{ value: "strain as worn, %", position: "insideBottom", offset: -12, ...tick }}
          />
          <YAxis
            type="category"
            dataKey="zone"
            domain={[...zones]}
            allowDuplicatedCategory={false}
            width={84}
            tick={tick}
          />
          <Scatter data={[...favourites]} shape={Mark as never} isAnimationActive={false} />
        </ScatterChart>
      </ResponsiveContainer>
    </div>
  );
}

function Mark({ cx = 0, cy = 0, payload }: { cx?: number; cy?: number; payload: Favourite }) {
  return (
    <g>
      <rect
        x={cx - 9}
        y={cy - 9}
        width={18}
        height={18}
        rx={2}
        fill={chartInk.sheet}
        stroke={chartInk.second}
        strokeWidth={1.6}
      />
      <text x={cx} y={cy + 4.5} textAnchor="middle" fontSize={13} fontWeight={750} fill={chartInk.second}>
        {payload.mark}
      </text>
    </g>
  );
}
