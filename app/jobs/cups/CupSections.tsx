import Box from "@mui/material/Box";
import { CUP_SIDES, type CupReckoning, cupSection } from "../../../core/cups/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { drawingStyle } from "../calculation/drawing.ts";

const MARGIN = 14;

/** Both breasts in section from the side, over one another: left drawn through, right dashed. */
export function CupSections({ sides }: { sides: CupReckoning["sides"] }) {
  const lengths = useLengths();
  const drawn = CUP_SIDES.flatMap((side) => {
    const { root_height, projection, lower_cup, upper_cup } = sides[side].measures;
    if (!root_height || !projection || !lower_cup || !upper_cup) return [];
    const measures = {
      rootHeightMm: root_height,
      projectionMm: projection,
      lowerCupMm: lower_cup,
      upperCupMm: upper_cup,
    };
    return [{ side, measures, section: cupSection(measures) }];
  });
  if (drawn.length === 0) return null;
  const top = Math.max(...drawn.map(({ measures }) => measures.rootHeightMm));
  const out = Math.max(...drawn.map(({ measures }) => measures.projectionMm)) * 1.25;
  const text = 7;
  return (
    <Box component="figure" sx={{ m: 0, mb: 1.5 }}>
      <Box
        component="svg"
        role="img"
        aria-label={drawn
          .map(({ side, measures }) => `${side}: projection ${lengths.amount(Math.round(measures.projectionMm))}`)
          .join("; ")}
        viewBox={`${-MARGIN - 12} ${-top - MARGIN} ${out + 2 * MARGIN + 60} ${top + 2 * MARGIN + 4}`}
        sx={{ ...drawingStyle, maxHeight: 260 }}
      >
        <path className="line" d={`M 0 ${-top - 8} V 8`} />
        {Array.from({ length: Math.ceil((top + 16) / 8) }, (_, index) => index).map((index) => (
          <path key={index} className="thin" d={`M 0 ${-top - 8 + index * 8} l -6 5`} />
        ))}
        {drawn.map(({ side, section }) => (
          <g key={side}>
            <path className="cloth" d={`${section.path} Z`} />
            <path className={side === "left" ? "strong" : "second"} d={section.path} />
            <circle
              cx={section.apex[0]}
              cy={section.apex[1]}
              r={2}
              fill={side === "left" ? "var(--stz-palette-bench-mulberry)" : "var(--stz-palette-bench-thread)"}
            />
            <text x={section.apex[0] + 5} y={section.apex[1] + (side === "left" ? -2 : 9)} fontSize={text}>
              {side} {lengths.amount(Math.round(section.apex[0]))}
            </text>
          </g>
        ))}
        <text x={4} y={11} fontSize={text}>
          crease
        </text>
      </Box>
      <Box component="figcaption" sx={{ fontSize: "0.85rem", color: "text.secondary" }}>
        From the side, to scale: left drawn through, right dashed. The apex stands where lower and upper cup bulge
        alike.
        {drawn.flatMap(({ side, section }) =>
          section.tooShort.map((seam) => (
            <Box key={`${side} ${seam}`} sx={{ color: "warning.main" }}>
              {side === "left" ? "Left" : "Right"}: the {seam === "lowerCup" ? "lower" : "upper"} cup is too short for
              this projection and root height. One of the three is off.
            </Box>
          )),
        )}
      </Box>
    </Box>
  );
}
