import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { Figure } from "../../components/figure/Figure.tsx";
import type { Place } from "../../components/figure/geometry.ts";
import { type Pin, Pins } from "../../components/figure/Pins.tsx";

/** The figure, front and back, with a pin for every finding. A tap says where the next one is. */
export function FittingFigure({ pins, onPick }: { pins: readonly Pin[]; onPick: (place: Place) => void }) {
  return (
    <Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", maxWidth: 520 }}>
        {(["front", "back"] as const).map((view) => (
          <Box key={view}>
            <Figure
              view={view}
              withGarment
              maxHeight={480}
              label={`Findings, ${view}: ${pins.filter((pin) => pin.view === view).length}. Tap a place to put one there.`}
              over={<Pins pins={pins} view={view} />}
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
