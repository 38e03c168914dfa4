import { POSITION_NAMES, type SeamSetup, stitchOf } from "../../../core/seams/index.ts";

/** Stitches that are drawn, and the room round them, mm. */
const [COUNT, ROOM_MM] = [8, 1.5];

/** Dashes of threads, told apart without colour: on the underside, and above every second one. mm */
const [UNDER, SECOND] = ["0.9 0.5", "1.6 0.5 0.25 0.5"] as const;

/** A run of stitches as they are set, seen from above: threads on the underside are light. */
export function StitchDrawing({ setup }: { setup: Pick<SeamSetup, "stitch" | "lengthMm" | "widthMm"> }) {
  const stitch = stitchOf(setup.stitch);
  const widthMm = setup.widthMm ?? 0;
  const runs = stitch.drawn({ lengthMm: setup.lengthMm, widthMm }, COUNT);
  const [long, high] = [COUNT * setup.lengthMm + 2 * ROOM_MM, Math.max(widthMm, 2) + 2 * ROOM_MM];
  return (
    <svg
      viewBox={`${-ROOM_MM} ${-high / 2} ${long} ${high}`}
      role="img"
      aria-label={`Stitch ${stitch.id}, ${stitch.name}: ${setup.lengthMm} mm long${setup.widthMm === null ? "" : `, ${setup.widthMm} mm wide`}`}
      style={{ display: "block", width: "100%", height: 70 }}
      preserveAspectRatio="xMidYMid meet"
    >
      {runs.map(({ position, under, points }, at) => (
        <polyline
          // Two threads of one position lie at different places.
          key={`${position}/${points[0]?.y ?? 0}/${under}`}
          points={points.map(({ x, y }) => `${x},${y}`).join(" ")}
          fill="none"
          stroke={under ? "var(--stz-palette-bench-mulberry)" : "var(--stz-palette-bench-thread)"}
          strokeWidth={under ? 0.16 : 0.28}
          strokeDasharray={under ? UNDER : at % 2 === 0 ? "" : SECOND}
          strokeLinejoin="round"
        >
          <title>{POSITION_NAMES[position]}</title>
        </polyline>
      ))}
    </svg>
  );
}
