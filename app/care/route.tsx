import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { PageHead } from "../frame/PageHead.tsx";
import { CARE_NOTES } from "./careNotes.ts";

export const meta = () => [{ title: "Care · Stenz" }];

export default function Care() {
  return (
    <Box sx={{ maxWidth: 760 }}>
      <PageHead
        title="Care"
        below="Stenz helps to make clothes. It is not a medical device, gives no diagnosis and replaces no clinician, certified fitter or local safety rule."
      />
      {CARE_NOTES.map(({ about, text }) => (
        <Box component="section" key={about} sx={{ mb: 2.5 }}>
          <Typography variant="h2">{about}</Typography>
          <Typography>{text}</Typography>
        </Box>
      ))}
    </Box>
  );
}
