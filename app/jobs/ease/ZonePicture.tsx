import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { scaleLinear } from "d3-scale";
import type { TensionCurve } from "../../../core/cloth/index.ts";
import { type EaseChoice, isLimb, ZONE_NAMES, type ZonePlan } from "../../../core/ease/index.ts";
import { SchoolChart } from "../../chart/charts.ts";
import { NumberBox } from "../../chart/NumberBox.tsx";
import { TextLink } from "../../frame/TextLink.tsx";
import { pressure } from "../../frame/units/pull.ts";
import { consequencesIn, type PlanColumn, rules } from "./columns.ts";
import { schoolNumber } from "./schoolMark.tsx";

interface ZonePictureProps {
  readonly plan: ZonePlan;
  readonly columns: readonly PlanColumn[];
  readonly choice: EaseChoice;
  readonly wear: TensionCurve | null;
  readonly usable: number;
  /** Layers without a ladder, with the cloth to pull one of. */
  readonly withoutCurve: readonly { readonly id: number; readonly name: string }[];
}

/** Where the schools land in this zone: on the cloth's own curve, or, without one, along its stretch alone. */
export function ZonePicture({ plan, columns, choice, wear, usable, withoutCurve }: ZonePictureProps) {
  const landings = columns.flatMap((column) => {
    const found = consequencesIn(plan, column);
    const mark = column.id === "own" ? "6" : schoolNumber(column.id);
    return found ? [{ mark, name: column.name, strain: found.strain, chosen: rules(choice, plan, column) }] : [];
  });
  const told = landings.map(({ name, strain }) => `${name.toLowerCase()} at ${Math.round(strain * 100)} %`).join(", ");
  return (
    <Paper sx={{ p: 1.5 }}>
      <Typography variant="h3">Where the schools land</Typography>
      {wear ? (
        <>
          <SchoolChart
            wear={wear}
            usable={usable}
            bodyMm={plan.body.snugMm}
            limb={isLimb(plan.zone)}
            landings={landings}
            label={`${ZONE_NAMES[plan.zone]}: strain by school: ${told}`}
          />
          {plan.mostPressureKpa === null ? null : (
            <Typography sx={{ fontSize: "0.85rem", color: "text.secondary" }}>
              At 60 % of its stretch this cloth presses with {pressure(plan.mostPressureKpa)} here; more it cannot give
              in comfort.
            </Typography>
          )}
        </>
      ) : (
        <>
          <StrainLine landings={landings} usable={usable} label={`${ZONE_NAMES[plan.zone]}: ${told}`} />
          <Typography sx={{ fontSize: "0.9rem" }}>
            No load ladder of{" "}
            {withoutCurve.map(({ id, name }, index) => (
              <span key={id}>
                {index > 0 ? ", " : ""}
                <TextLink to={`/cloths/${id}`}>{name}</TextLink>
              </span>
            ))}
            , so how hard it pulls and presses is not known. Pull one, and the curve stands here.
          </Typography>
        </>
      )}
    </Paper>
  );
}

const LINE = { from: 20, width: 360, height: 104, y: 76 };

/** The schools along the stretch of the cloth, from nothing to all of it. */
function StrainLine({
  landings,
  usable,
  label,
}: {
  landings: readonly { mark: string; strain: number; chosen: boolean }[];
  usable: number;
  label: string;
}) {
  const most = Math.max(usable, ...landings.map(({ strain }) => strain), 0.01) * 1.05;
  const xOf = scaleLinear([0, most], [LINE.from, LINE.from + LINE.width]).clamp(true);
  const sorted = landings.toSorted((a, b) => a.strain - b.strain);
  return (
    <Box component="svg" role="img" aria-label={label} viewBox="0 0 400 104" sx={{ display: "block", width: "100%" }}>
      <path
        d={`M ${LINE.from} ${LINE.y} H ${LINE.from + LINE.width}`}
        stroke="var(--stz-palette-bench-ink)"
        strokeWidth={1.6}
      />
      {[0, 0.6, 1].map((share) => (
        <g key={share}>
          <path
            d={`M ${xOf(share * usable)} ${LINE.y - 5} v 10`}
            stroke="var(--stz-palette-bench-ink)"
            strokeWidth={1.6}
          />
          <text x={xOf(share * usable)} y={LINE.y + 20} textAnchor="middle" fontSize={11} fill="currentColor">
            {`${Math.round(share * usable * 100)} %${share === 1 ? " usable" : ""}`}
          </text>
        </g>
      ))}
      {sorted.map(({ mark, strain, chosen }, index) => {
        const x = xOf(strain);
        const top = LINE.y - 18 - (index % 3) * 20;
        return (
          <g key={mark}>
            <path d={`M ${x} ${LINE.y} V ${top}`} stroke="var(--stz-palette-bench-inkSoft)" />
            <NumberBox x={x} y={top} chosen={chosen}>
              {mark}
            </NumberBox>
          </g>
        );
      })}
    </Box>
  );
}
