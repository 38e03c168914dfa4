import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { LAYERS, type Layer } from "../../../formats/drafts/layers.ts";
import { PIECE_FORMATS } from "../../../formats/drafts/print/papers.ts";
import { FileButton } from "../../frame/LinkButton.tsx";

const LAYER_NAMES: Readonly<Record<Layer, string>> = {
  cut: "cut lines",
  seam: "seam lines",
  level: "levels",
  marking: "grain and notches",
  text: "words",
};

/** The pieces on paper at full size, and as files for other programs. */
export function PrintForm({ base, paper }: { base: string; paper: string }) {
  return (
    <Box component="section" aria-labelledby="pieces-out" className="no-print" sx={{ mb: 4 }}>
      <Typography variant="h2" id="pieces-out" sx={{ mb: 0.5 }}>
        On paper and as files
      </Typography>
      <Typography sx={{ mb: 1.5, color: "text.secondary", maxWidth: 760 }}>
        At full size, as kept. The first page has a map of the papers and two squares: measure them before you cut.
      </Typography>
      <Box
        component="form"
        method="get"
        action={`${base}/pdf`}
        sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", mb: 1.5 }}
      >
        <TextField select name="paper" label="Paper" defaultValue={paper} size="small" sx={{ width: 190 }}>
          {PIECE_FORMATS.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <Box component="fieldset" sx={{ border: 0, m: 0, p: 0, display: "flex", flexWrap: "wrap", columnGap: 2 }}>
          <legend className="unseen">Layers</legend>
          {LAYERS.map((layer) => (
            <FormControlLabel
              key={layer}
              control={<Checkbox name="layer" value={layer} defaultChecked size="small" />}
              label={LAYER_NAMES[layer]}
            />
          ))}
        </Box>
        <Button type="submit" variant="contained">
          Print at full size
        </Button>
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        <FileButton to={`${base}/svg`}>SVG</FileButton>
        <FileButton to={`${base}/dxf`}>DXF</FileButton>
        <FileButton to={`${base}/json`}>JSON</FileButton>
      </Box>
    </Box>
  );
}
