import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Zone } from "../../../core/ease/index.ts";
import { Figure } from "../../figure/Figure.tsx";
import { FrontAndBack } from "../../figure/FrontAndBack.tsx";
import { StretchLegend } from "../../figure/stretch/StretchMark.tsx";
import { type BandZone, ZoneBands } from "../../figure/ZoneBands.tsx";

/** The garment on the figure, front and back, with the strain of each planned zone. */
export function JobFigure({
  garment,
  zones,
}: {
  garment: readonly Zone[];
  /** How far each planned zone is stretched; null while nothing is chosen. */
  zones: readonly BandZone[] | null;
}) {
  return (
    <Box>
      <FrontAndBack maxWidth={480}>
        {(view) => (
          <Figure
            view={view}
            garment={garment}
            label={zones ? `Planned strain, ${view}` : `The style, ${view}`}
            onBody={<ZoneBands zones={zones ?? []} view={view} />}
          />
        )}
      </FrontAndBack>
      {zones ? (
        <StretchLegend />
      ) : (
        <Typography color="text.secondary">
          Once a school is chosen, the figure shows how far each zone is stretched.
        </Typography>
      )}
    </Box>
  );
}
