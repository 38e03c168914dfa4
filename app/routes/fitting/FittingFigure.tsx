import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import type { Zone } from "../../../core/ease/zones.ts";
import type { Place } from "../../../core/figure/geometry.ts";
import { Figure } from "../../components/figure/Figure.tsx";
import { PendingPin, type Pin, Pins } from "../../components/figure/Pins.tsx";

interface FittingFigureProps {
  readonly zones: readonly Zone[];
  readonly pins: readonly Pin[];
  /** Where the finding being written down is. */
  readonly pending: Place | null;
  readonly onPick: (place: Place) => void;
}

/** The figure, front and back, with a pin for every finding. A tap says where the next one is. */
export function FittingFigure({ zones, pins, pending, onPick }: FittingFigureProps) {
  return (
    <Box>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: "1fr 1fr",
          maxWidth: { xs: 640, md: 520 },
          mx: { xs: "auto", md: 0 },
        }}
      >
        {(["front", "back"] as const).map((view) => (
          <Box key={view}>
            <Figure
              view={view}
              garment={zones}
              maxHeight={560}
              label={`Findings, ${view}: ${pins.filter((pin) => pin.view === view).length}. Tap a place to put one there.`}
              over={
                <>
                  <Pins pins={pins} view={view} />
                  <PendingPin place={pending} view={view} />
                </>
              }
              onPick={onPick}
            />
            <Typography align="center" color="text.secondary" sx={{ fontSize: "0.85rem" }}>
              {view}
            </Typography>
          </Box>
        ))}
      </Box>
      <Typography color="text.secondary" sx={{ fontSize: "0.85rem" }}>
        Tap where it is seen. Round pins: loose. Square: tight. Peaked: rides.
      </Typography>
    </Box>
  );
}
