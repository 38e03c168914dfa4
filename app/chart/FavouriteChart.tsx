import { CartesianGrid, ResponsiveContainer, Scatter, ScatterChart, XAxis, YAxis } from "recharts";
import { chartInk, tick } from "./chartStyle.ts";
import { NumberBox } from "./NumberBox.tsx";

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
  const ticks = ticksOver(favourites.map(({ strain }) => strain));
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={60 + zones.length * 44}>
        <ScatterChart margin={{ top: 8, right: 20, bottom: 24, left: 8 }} accessibilityLayer={false}>
          <CartesianGrid stroke={chartInk.grid} strokeDasharray="2 4" />
          <XAxis
            type="number"
            dataKey="strain"
            domain={[ticks[0] ?? 0, ticks.at(-1) ?? 0]}
            ticks={ticks}
            tick={tick}
            label={{ value: "strain as worn, %", position: "insideBottom", offset: -12, ...tick }}
          />
          <YAxis
            type="category"
            dataKey="zone"
            domain={[...zones]}
            reversed
            allowDuplicatedCategory={false}
            width={84}
            tick={tick}
          />
          <Scatter data={sideStepped(favourites)} shape={Mark as never} isAnimationActive={false} />
        </ScatterChart>
      </ResponsiveContainer>
    </div>
  );
}

const TICK = 5;

/** Every five per cent from nothing, or below where a garment is loose, to just past the tightest. */
function ticksOver(strains: readonly number[]): number[] {
  const from = Math.min(0, Math.floor(Math.min(...strains, 0) / TICK));
  const to = Math.ceil((Math.max(...strains, 0) + 1) / TICK);
  return Array.from({ length: to - from + 1 }, (_, index) => (from + index) * TICK);
}

/** Marks closer than this, in per cent, would lie on one another. */
const TOO_NEAR = 0.9;

/** Marks that would lie on one another step aside. */
function sideStepped(favourites: readonly Favourite[]): (Favourite & { step: number })[] {
  const placed: (Favourite & { step: number })[] = [];
  for (const favourite of favourites) {
    const near = placed.filter(
      ({ zone, strain }) => zone === favourite.zone && Math.abs(strain - favourite.strain) < TOO_NEAR,
    );
    placed.push({ ...favourite, step: near.length });
  }
  return placed;
}

function Mark({ cx = 0, cy = 0, payload }: { cx?: number; cy?: number; payload: Favourite & { step: number } }) {
  return (
    <g transform={`translate(0 ${payload.step * -13})`}>
      <NumberBox x={cx} y={cy}>
        {payload.mark}
      </NumberBox>
    </g>
  );
}
