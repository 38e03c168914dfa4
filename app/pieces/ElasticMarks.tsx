import Box from "@mui/material/Box";
import type { RingBySchool } from "../../core/pieces/index.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";

/** A strip of elastic is drawn so long and so high, with room for its marks. */
const [LONG, HIGH, MARK] = [150, 8, 10] as const;

/** The elastic laid straight: its quarters as short marks, the place its ratio changes as a long one. */
export function ElasticMarks({ name, elastic }: { name: string; elastic: RingBySchool }) {
  const lengths = useLengths();
  const { madeMm, quartersMm, changesMm } = elastic;
  const at = (mm: number) => (LONG * mm) / madeMm;
  const told = `Quarters of the ${name} at ${quartersMm.map(lengths.bare).join(", ")} ${lengths.unit}${changesMm.length > 0 ? `; its ratio changes at ${changesMm.map(lengths.bare).join(", ")} ${lengths.unit}` : ""}`;
  return (
    <Box>
      <svg
        role="img"
        aria-label={told}
        width={LONG}
        height={2 * MARK}
        style={{ display: "block" }}
        viewBox={`0 0 ${LONG} ${2 * MARK}`}
      >
        <rect
          x={0}
          y={MARK - HIGH / 2}
          width={LONG}
          height={HIGH}
          rx={1}
          fill="var(--stz-palette-bench-thread)"
          fillOpacity={0.25}
        />
        {quartersMm.map((mm) => (
          <line
            key={mm}
            x1={at(mm)}
            x2={at(mm)}
            y1={MARK - HIGH / 2}
            y2={MARK + HIGH / 2}
            stroke="var(--stz-palette-bench-ink)"
          />
        ))}
        {changesMm.map((mm) => (
          <line
            key={`change ${mm}`}
            x1={at(mm)}
            x2={at(mm)}
            y1={2}
            y2={2 * MARK - 2}
            stroke="var(--stz-palette-bench-mulberry)"
            strokeWidth={2}
            strokeDasharray="4 2"
          />
        ))}
      </svg>
      <Box className="words" sx={{ fontSize: "0.85rem", color: "text.secondary" }}>
        {`¼ ${lengths.bare(quartersMm[0] ?? 0)}`}
        {changesMm.map((mm) => `, change ${lengths.bare(mm)}`).join("")}
      </Box>
    </Box>
  );
}
