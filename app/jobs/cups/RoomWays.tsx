import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import { type BustRoomWorking, type RoomWay, tissueNotes } from "../../../core/cups/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** The ways of giving bust room side by side, the chosen one marked by its frame and a word. */
export function RoomWays({ ways, working }: { ways: readonly RoomWay[]; working: BustRoomWorking }) {
  const lengths = useLengths();
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(180px, 1fr))", gap: 1.5, mb: 1.5 }}>
      {ways.map((way) => {
        const chosen = way.school === working.school;
        return (
          <Paper
            key={way.school}
            component="section"
            aria-label={way.name}
            sx={{ p: 1.5, border: chosen ? 2 : 1, borderColor: chosen ? "primary.main" : "divider" }}
          >
            <Box sx={{ fontWeight: 700 }}>
              {way.name}
              {chosen ? (
                <Box component="span" sx={{ color: "primary.main", fontWeight: 600 }}>
                  {" "}
                  · chosen
                </Box>
              ) : null}
            </Box>
            <Box sx={{ my: 0.75 }}>{lengths.told(way.how)}</Box>
            <Box sx={{ fontSize: "0.9rem" }}>
              At the waist: <strong>{way.atWaistMm === 0 ? "nothing" : lengths.difference(way.atWaistMm)}</strong>
              {way.shortMm > 0 ? (
                <Box sx={{ color: "warning.main" }}>{lengths.amount(way.shortMm)} short each side.</Box>
              ) : null}
            </Box>
            <Box sx={{ fontSize: "0.9rem", color: "text.secondary", mt: 0.75 }}>{lengths.told(way.suits)}</Box>
            {way.cautions.map((caution) => (
              <Box key={caution} sx={{ fontSize: "0.9rem", color: "warning.main", mt: 0.5 }}>
                {lengths.told(caution)}
              </Box>
            ))}
          </Paper>
        );
      })}
      {tissueNotes(working).length > 0 ? (
        <Box sx={{ gridColumn: "1 / -1", fontSize: "0.92rem" }}>
          <strong>To look at in the fitting:</strong> {tissueNotes(working).join(" ")}
        </Box>
      ) : null}
    </Box>
  );
}
