import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { ZonePlan } from "../../../core/ease/planStyle.ts";
import type { Zone } from "../../../core/ease/zones.ts";
import { Figure } from "../../components/figure/Figure.tsx";
import { stretchedZones } from "../../components/figure/stretchedZones.ts";
import { ZoneBands } from "../../components/figure/ZoneBands.tsx";
import { StretchLegend } from "../../components/stretch/StretchMark.tsx";

/** The garment on the figure, front and back, with the strain of each planned zone. */
export function JobFigure({ garment, zones: plan }: { garment: readonly Zone[]; zones: readonly ZonePlan[] | null }) {
  const zones = stretchedZones(plan ?? []);
  return (
    <Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", maxWidth: 480 }}>
        {(["front", "back"] as const).map((view) => (
          <Box key={view}>
            <Figure
              view={view}
              garment={garment}
              label={plan ? `Planned strain, ${view}` : `The style, ${view}`}
              onBody={<ZoneBands zones={zones} view={view} />}
            />
            <Typography align="center" color="text.secondary" sx={{ fontSize: "0.85rem" }}>
              {view}
            </Typography>
          </Box>
        ))}
      </Box>
      {plan ? (
        <StretchLegend />
      ) : (
        <Typography color="text.secondary">
          Once a school is chosen, the figure shows how far each zone is stretched.
        </Typography>
      )}
    </Box>
  );
}
