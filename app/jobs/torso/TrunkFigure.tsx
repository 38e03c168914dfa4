import Box from "@mui/material/Box";
import type { TrunkPart } from "../../../core/body/index.ts";
import type { Zone } from "../../../core/ease/index.ts";
import { LEVEL, levelLine } from "../../../core/figure/index.ts";
import { TRUNK_LINES, type TrunkPlacing } from "../../../core/torso/index.ts";
import { Figure } from "../../figure/Figure.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Up to this an amount is called even: a pencil line, mm. */
const EVEN_MM = 2;

const NAMES: Readonly<Record<TrunkPart, string>> = {
  frontWaist: "front above the waist",
  crotchFront: "front below the waist",
  crotchBack: "back below the waist",
  backWaist: "back above the waist",
};

/**
 * Where the length is missing, front and back, above and below the waist: lacking parts are drawn apart with a gap,
 * parts that are too long doubled, the others through.
 */
export function TrunkFigure({ placing, garment }: { placing: TrunkPlacing; garment: readonly Zone[] }) {
  const lengths = useLengths();
  const { byPart } = placing;
  // Halves know only front and back: each is shown once, at the waist.
  const shown = (part: TrunkPart): number | null =>
    byPart ? byPart[part] : part === "frontWaist" ? placing.frontMm : part === "backWaist" ? placing.backMm : null;
  const words = (Object.keys(NAMES) as TrunkPart[])
    .flatMap((part) => {
      const mm = shown(part);
      return mm === null ? [] : [`${NAMES[part]} ${lengths.difference(mm)}`];
    })
    .join(", ");
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1, maxWidth: 560 }}>
      {(["front", "back"] as const).map((view) => (
        <Box key={view} component="figure" sx={{ m: 0 }}>
          <Figure
            view={view}
            label={`Trunk, ${view}: ${words}`}
            garment={garment}
            maxHeight={400}
            onBody={<path d={levelLine(LEVEL.waist)} className="trait" />}
            over={TRUNK_LINES[view].map(({ part, path, at }) => (
              <Part key={part} path={path} at={at} mm={shown(part)} write={lengths.difference} />
            ))}
          />
          <Box component="figcaption" sx={{ textAlign: "center", color: "text.secondary", fontSize: "0.85rem" }}>
            {view}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function Part({
  path,
  at,
  mm,
  write,
}: {
  path: string;
  at: readonly [number, number];
  mm: number | null;
  write: (mm: number) => string;
}) {
  const ink = "var(--stz-palette-bench-mulberry)";
  const lacking = mm !== null && mm > EVEN_MM;
  const long = mm !== null && mm < -EVEN_MM;
  return (
    <g fill="none">
      {long ? <path d={path} stroke={ink} strokeWidth={6.5} strokeOpacity={0.28} /> : null}
      <path
        d={path}
        stroke={mm === null || (!lacking && !long) ? "var(--stz-palette-bench-thread)" : ink}
        strokeWidth={2.4}
        strokeDasharray={lacking ? "7 6" : undefined}
      />
      {mm === null ? null : (
        <g>
          <path d={`M ${at[0] + 2} ${at[1]} H 160`} stroke="var(--stz-palette-bench-inkSoft)" strokeWidth={0.8} />
          <rect
            x={158}
            y={at[1] - 10}
            width={62}
            height={20}
            rx={3}
            fill="var(--stz-palette-bench-sheet)"
            stroke="var(--stz-palette-bench-line)"
          />
          <text
            x={189}
            y={at[1] + 4.2}
            textAnchor="middle"
            fontSize={11.5}
            fontWeight={700}
            fill="var(--stz-palette-bench-ink)"
          >
            {write(mm)}
          </text>
        </g>
      )}
    </g>
  );
}
