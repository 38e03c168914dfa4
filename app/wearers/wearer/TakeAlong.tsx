import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { TextLink } from "../../frame/TextLink.tsx";

/** Files in and out, paper, and the end of it: what a wearer may ask for. */
export function TakeAlong({ wearerId }: { wearerId: number }) {
  const base = `/wearers/${wearerId}`;
  const file = (to: string, words: string) => (
    <a href={`${base}/${to}`} download>
      {words}
    </a>
  );
  return (
    <Box component="section" aria-label="Files and paper" sx={{ mt: 4, "& li": { mb: 0.5 } }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Files and paper
      </Typography>
      <ul style={{ margin: 0, paddingLeft: 20 }}>
        <li>
          A blank sheet to print: {file("sheets/blank", "A4")}, {file("sheets/blank?paper=letter", "US letter")}
        </li>
        <li>
          Sheets as {file("sheets/export/rows", "CSV, a row a measure")},{" "}
          {file("sheets/export/columns", "CSV, a column a sheet")}, {file("sheets/export/json", "JSON")}
        </li>
        <li>
          <TextLink to={`${base}/sheets/import`}>Import sheets</TextLink>
        </li>
        <li>{file("export", "Everything about this wearer in one file")}</li>
        <li>
          <TextLink to={`${base}/erase`}>Erase this wearer</TextLink>
        </li>
      </ul>
    </Box>
  );
}
