import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { measureOf, nameOf, type SheetPlace } from "../../../core/body/index.ts";

/** How the measure in hand is taken; before any is in hand, how to begin. */
export function HowTo({ place, alone = false }: { place: SheetPlace | null; alone?: boolean }) {
  if (!place) {
    return (
      <Box sx={boxStyle}>
        <Typography variant="h3">Before you start</Typography>
        <Typography>
          {alone ? "" : "Ask before touching, and offer self-measuring. "}Tie a narrow tape round the waist and leave it
          on: several lengths start from it. Write 71.5, 28 1/4 in or 715 mm as it comes.
        </Typography>
      </Box>
    );
  }
  const measure = measureOf(place.code);
  return (
    <Box sx={boxStyle} aria-live="polite">
      <Typography variant="h3">{nameOf(place.code, place.side)}</Typography>
      <Typography sx={{ mb: 0.5 }}>{measure.landmarks}</Typography>
      <Box component="ol" sx={{ my: 0.5, pl: 2.5 }}>
        {measure.how.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </Box>
      <Typography color="text.secondary" sx={{ fontSize: "0.9rem" }}>
        {measure.posture} {measure.breath} {measure.helper ? "Needs a helper." : ""}
        {measure.isoName ? ` In ISO 8559-1: ${measure.isoName}.` : ""}
      </Typography>
    </Box>
  );
}

const boxStyle = { borderLeft: 4, borderColor: "primary.main", pl: 2, py: 0.5, my: 2 } as const;
