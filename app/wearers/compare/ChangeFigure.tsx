import type { ComparedMeasure, MeasureCode } from "../../../core/body/index.ts";
import { CENTRE, LEVEL, levelLine } from "../../../core/figure/index.ts";
import { Figure } from "../../figure/Figure.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Girths that have a level on the figure. */
const LEVELS: Readonly<Partial<Record<MeasureCode, number>>> = {
  overbust: LEVEL.overbust,
  bust: LEVEL.bust,
  underbust: LEVEL.underbust,
  waist: LEVEL.waist,
  high_hip: LEVEL.highHip,
  hip: LEVEL.hip,
};

/** Less than this is no change, mm: two tapes of one day differ as much. */
const SAME_MM = 5;

/** Changes of the girths on the figure: an arrow out where it has grown, in where it has shrunk, with the amount. */
export function ChangeFigure({ measures }: { measures: readonly ComparedMeasure[] }) {
  const lengths = useLengths();
  const shown = measures.flatMap(({ code, changeMm }) => {
    const y = LEVELS[code];
    return y === undefined || changeMm === null ? [] : [{ code, y, changeMm }];
  });
  return (
    <Figure
      view="front"
      label="Changes of the girths on the figure"
      onBody={shown.map(({ code, y }) => (
        <path
          key={code}
          d={levelLine(y)}
          fill="none"
          stroke="var(--stz-palette-bench-mulberry)"
          strokeWidth={1.4}
          strokeDasharray="4 3"
        />
      ))}
      over={shown.map(({ code, y, changeMm }) => (
        <g key={code} fill="var(--stz-palette-bench-ink)" stroke="none">
          <text
            x={CENTRE}
            y={y - 1}
            textAnchor="middle"
            fontSize={11}
            fontWeight={700}
            paintOrder="stroke"
            stroke="var(--stz-palette-bench-skin)"
            strokeWidth={4}
          >
            {lengths.difference(changeMm)}
          </text>
          {Math.abs(changeMm) < SAME_MM ? null : <Arrows y={y} outwards={changeMm > 0} />}
        </g>
      ))}
    />
  );
}

function Arrows({ y, outwards }: { y: number; outwards: boolean }) {
  return [1, -1].map((side) => {
    const [from, to] = outwards ? [62, 76] : [76, 62];
    const tip = CENTRE + side * to;
    const back = Math.sign(from - to) * side * 5;
    return (
      <path
        key={side}
        d={`M ${CENTRE + side * from} ${y + 2} H ${tip} M ${tip + back} ${y - 2} L ${tip} ${y + 2} L ${tip + back} ${y + 6}`}
        fill="none"
        stroke="var(--stz-palette-bench-mulberry)"
        strokeWidth={2}
      />
    );
  });
}
