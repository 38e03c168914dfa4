import Box from "@mui/material/Box";
import { useId } from "react";
import {
  FIRM_FROM_KPA,
  type Pull,
  SNUG_FROM_KPA,
  STOP_OVER_KPA,
  STRETCH_STEPS,
  stretchStepOf,
  ZONE_NAMES,
  type Zone,
} from "../../../core/ease/index.ts";
import { FIELD, garmentPath, TRUNK_PATH } from "../../../core/figure/index.ts";
import { percent } from "../../frame/units/percent.ts";
import { Scale, type ScaleProps, scaleOf, ThreadPattern } from "./ProfileParts.tsx";
import { BAR, BOTTOM, HIGHEST, PRESSURE, ROWS, STRAIN } from "./profileScale.ts";

/** A zone of the profile: how far its cloth is stretched, and how it presses. */
export interface ProfileZone {
  readonly zone: Zone;
  readonly strain: number;
  readonly shareUsed: number | null;
  readonly pull: Pull | null;
}

/**
 * The plan down the figure: beside each zone how much of the stretch is used, drawn as a seam thread, and the mean
 * pressure against its bands. Tones and hatches say the same, so that it is read without colour.
 */
export function PlanProfile({ zones, label }: { zones: readonly ProfileZone[]; label: string }) {
  const id = useId();
  const rows = spread(zones);
  const top = Math.max(HIGHEST, Math.min(...rows.map(({ level }) => level)) - 44);
  return (
    <Box
      component="svg"
      role="img"
      aria-label={label}
      viewBox={`0 ${top - 34} 800 ${BOTTOM - top + 40}`}
      sx={{
        display: "block",
        width: "100%",
        maxHeight: 360,
        "& text": { fontSize: 12.5, fill: "var(--stz-palette-bench-ink)" },
      }}
    >
      <defs>
        <clipPath id={`${id}figure`}>
          <rect x={0} y={top} width={FIELD.width} height={BOTTOM - top} />
        </clipPath>
        <clipPath id={`${id}trunk`}>
          <path d={TRUNK_PATH} />
        </clipPath>
        {STRETCH_STEPS.map(({ step }) => (
          <ThreadPattern key={step} id={`${id}${step}`} step={step} />
        ))}
        <pattern id={`${id}press`} width={7} height={7} patternUnits="userSpaceOnUse">
          <path d="M 0 7 L 7 0" stroke="var(--stz-palette-bench-thread)" strokeWidth={1.6} />
        </pattern>
      </defs>
      <path
        d={TRUNK_PATH}
        clipPath={`url(#${id}figure)`}
        fill="var(--stz-palette-bench-skin)"
        stroke="var(--stz-palette-bench-inkSoft)"
        strokeWidth={1.3}
      />
      <g clipPath={`url(#${id}figure)`}>
        <path
          d={garmentPath(
            zones.map(({ zone }) => zone),
            "front",
          )}
          clipPath={`url(#${id}trunk)`}
          fill="var(--stz-palette-bench-thread)"
          fillOpacity={0.12}
          stroke="var(--stz-palette-bench-thread)"
        />
      </g>
      <Scale
        {...STRAIN}
        top={top}
        title="share of the stretch in use · strain ε"
        marks={[0, 0.6, 1]}
        write={wholePercent}
      />
      <Scale
        {...PRESSURE}
        top={top}
        title="mean pressure, kPa"
        marks={[0, SNUG_FROM_KPA, FIRM_FROM_KPA, STOP_OVER_KPA]}
        write={String}
      />
      {rows.map(({ zone, y, level, strain, shareUsed, pull }) => (
        <g key={zone}>
          <path
            d={`M 168 ${level} L 206 ${level} L 222 ${y}`}
            fill="none"
            stroke="var(--stz-palette-bench-inkSoft)"
            strokeWidth={0.9}
          />
          <text x={226} y={y + 4} fontWeight={650}>
            {ZONE_NAMES[zone]}
          </text>
          <Bar {...STRAIN} y={y} value={shareUsed ?? 0} fill={`url(#${id}${stretchStepOf(shareUsed, strain)})`} />
          <text x={STRAIN.from + STRAIN.width + 6} y={y + 4}>
            {`${shareUsed === null ? "none" : percent(shareUsed)} · ε ${percent(strain)}`}
          </text>
          {pull ? <Bar {...PRESSURE} y={y} value={pull.pressureKpa} fill={`url(#${id}press)`} /> : null}
          <text x={PRESSURE.from + PRESSURE.width + 6} y={y + 4}>
            {pull ? pull.pressureKpa.toFixed(2) : "no ladder"}
          </text>
        </g>
      ))}
    </Box>
  );
}

const wholePercent = (ratio: number): string => `${Math.round(ratio * 100)} %`;

/** Rows far enough apart to be read, in the order of the body. */
function spread(zones: readonly ProfileZone[]) {
  let last = Number.NEGATIVE_INFINITY;
  return zones
    .map((zone) => ({ ...zone, level: ROWS[zone.zone] }))
    .toSorted((a, b) => a.level - b.level)
    .map((zone) => {
      last = Math.max(zone.level, last + BAR + 6);
      return { ...zone, y: last };
    });
}

/** A bar on a scale; one that runs past the end is cut there with a tooth, so that it is not taken for its end. */
function Bar({ from, width, most, y, value, fill }: ScaleProps & { y: number; value: number; fill: string }) {
  const end = scaleOf({ from, width, most })(value);
  const tooth = value > most ? `l -5 ${BAR / 3} l 5 ${BAR / 3} l -5 ${BAR / 3}` : `v ${BAR}`;
  return (
    <path
      d={`M ${from} ${y - BAR / 2} H ${end} ${tooth} H ${from} Z`}
      fill={fill}
      stroke="var(--stz-palette-bench-ink)"
      strokeWidth={0.8}
    />
  );
}
