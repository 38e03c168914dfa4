import Box from "@mui/material/Box";
import type { RingBySchool } from "../../../core/elastics/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Size of the drawing, its ring, and how thick the elastic is drawn, in its own units. */
const [WIDE, HIGH, RADIUS, THICK] = [190, 132, 44, 9] as const;
const MIDDLE = { x: WIDE / 2, y: HIGH / 2 };

/** A strip is drawn so long. */
const LONG = 150;

interface Marked {
  readonly mm: number;
  /** A quarter, the place its ratio changes, or where it is joined. */
  readonly what: "quarter" | "change" | "join";
}

/**
 * The elastic as it is made up, with the marks it is sewn in by: its join at the top, its quarters, and the place where its ratio
 * changes. An edge that is no ring is drawn straight.
 */
export function ElasticMarks({
  name,
  ring,
  elastic,
}: {
  name: string;
  /** True where it goes all the way round. */
  ring: boolean;
  elastic: Pick<RingBySchool, "madeMm" | "quartersMm" | "changesMm">;
}) {
  const lengths = useLengths();
  const { madeMm, quartersMm, changesMm } = elastic;
  const told = `Quarters of the ${name} at ${quartersMm.map(lengths.bare).join(", ")} ${lengths.unit}${changesMm.length > 0 ? `; its ratio changes at ${changesMm.map(lengths.bare).join(", ")} ${lengths.unit}` : ""}`;
  const marks: Marked[] = [
    { mm: 0, what: "join" },
    ...quartersMm.map((mm): Marked => ({ mm, what: "quarter" })),
    ...changesMm.map((mm): Marked => ({ mm, what: "change" })),
  ];
  return (
    <Box sx={{ flex: "none" }}>
      <Box
        component="svg"
        role="img"
        aria-label={told}
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        sx={{ ...marksStyle, width: WIDE, height: HIGH }}
      >
        {ring ? (
          <circle className="elastic" cx={MIDDLE.x} cy={MIDDLE.y} r={RADIUS} />
        ) : (
          <line className="elastic" x1={(WIDE - LONG) / 2} x2={(WIDE + LONG) / 2} y1={MIDDLE.y} y2={MIDDLE.y} />
        )}
        {marks.map(({ mm, what }) => (
          <Mark key={`${what} ${mm}`} part={mm / madeMm} what={what} ring={ring} words={lengths.bare(mm)} />
        ))}
      </Box>
      <Box className="words" sx={{ fontSize: "0.85rem", color: "text.secondary", textAlign: "center" }}>
        {`¼ ${lengths.bare(quartersMm[0] ?? 0)}`}
        {changesMm.map((mm) => `, change ${lengths.bare(mm)}`).join("")}
      </Box>
    </Box>
  );
}

/** How far a mark reaches past the elastic: the place of a change farther, so that it is told from a quarter. */
const REACH = { quarter: 2, change: 8, join: 4 } as const;

function Mark({ part, what, ring, words }: { part: number; what: Marked["what"]; ring: boolean; words: string }) {
  const reach = REACH[what];
  if (!ring) {
    const x = (WIDE - LONG) / 2 + LONG * part;
    return (
      <>
        <line className={what} x1={x} x2={x} y1={MIDDLE.y - THICK / 2 - reach} y2={MIDDLE.y + THICK / 2 + reach} />
        <text x={x} y={MIDDLE.y + (what === "change" ? -THICK - 8 : THICK + 12)} textAnchor="middle">
          {what === "join" ? "" : words}
        </text>
      </>
    );
  }
  const turn = 2 * Math.PI * part;
  const [across, up] = [Math.sin(turn), -Math.cos(turn)];
  const at = (from: number) => ({ x: MIDDLE.x + from * across, y: MIDDLE.y + from * up });
  const [inner, outer] = [at(RADIUS - THICK / 2 - reach), at(RADIUS + THICK / 2 + reach)];
  const label = at(what === "change" ? RADIUS - 20 : RADIUS + 13);
  const anchor = Math.abs(across) < 0.3 ? "middle" : across > 0 === (what !== "change") ? "start" : "end";
  return (
    <>
      <line className={what} x1={inner.x} y1={inner.y} x2={outer.x} y2={outer.y} />
      <text x={label.x} y={label.y + 4 + (Math.abs(across) < 0.3 ? up * 4 : 0)} textAnchor={anchor}>
        {what === "join" ? "join" : words}
      </text>
    </>
  );
}

const marksStyle = {
  display: "block",
  "& .elastic": {
    fill: "none",
    stroke: "var(--stz-palette-bench-thread)",
    strokeOpacity: 0.35,
    strokeWidth: THICK,
  },
  "& .quarter, & .join": { stroke: "var(--stz-palette-bench-ink)", strokeWidth: 1.2 },
  "& .join": { strokeWidth: 2.6 },
  "& .change": { stroke: "var(--stz-palette-bench-mulberry)", strokeWidth: 2, strokeDasharray: "4 2" },
  "& text": {
    fill: "var(--stz-palette-bench-ink)",
    fontSize: 11,
    fontFamily: '"Hanken Grotesk Variable", sans-serif',
    fontVariantNumeric: "tabular-nums",
  },
} as const;
