import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import LinearProgress from "@mui/material/LinearProgress";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { FormEvent } from "react";
import { LAYER_NAMES, LAYERS } from "../../../formats/drafts/layers.ts";
import { PIECE_FORMATS } from "../../../formats/drafts/print/papers.ts";
import { FileButton } from "../../frame/LinkButton.tsx";
import { usePrinting } from "./usePrinting.ts";

/** The pieces on paper at full size, and as files for other programs. */
export function PrintForm({
  base,
  paper,
  under = [],
}: {
  base: string;
  paper: string;
  /** Prototypes whose outlines can be printed under these pieces. */
  under?: readonly number[];
}) {
  const { printing, print } = usePrinting();
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const asked = new FormData(event.currentTarget);
    const words = [...asked].map(([name, value]) => [name, String(value)]);
    void print(`${base}/pdf?${new URLSearchParams(words)}`);
  };
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
        onSubmit={submit}
        sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center", mb: 1.5 }}
      >
        <TextField select name="paper" label="Paper" defaultValue={paper} size="small" sx={{ width: 190 }}>
          {PIECE_FORMATS.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <Ticks
          legend="Layers"
          name="layer"
          choices={LAYERS.map((layer) => ({ value: layer, label: LAYER_NAMES[layer] }))}
          ticked
        />
        {under.length > 0 ? (
          <Ticks
            legend="Outlines under them"
            name="under"
            choices={under.map((number) => ({ value: number, label: `thin: prototype ${number}` }))}
          />
        ) : null}
        <Button type="submit" variant="contained" disabled={printing.at === "under-way"}>
          Print at full size
        </Button>
        <Box role="status" sx={{ flexBasis: "100%", "&:empty": { display: "none" } }}>
          {printing.at === "under-way" ? <PrintProgress {...printing} /> : null}
          {printing.at === "failed" ? <Alert severity="error">{printing.sentence}</Alert> : null}
        </Box>
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        <FileButton to={`${base}/sheet`}>Cutting sheet</FileButton>
        <FileButton to={`${base}/csv`}>List, CSV</FileButton>
        <FileButton to={`${base}/svg`}>SVG</FileButton>
        <FileButton to={`${base}/dxf`}>DXF</FileButton>
        <FileButton to={`${base}/json`}>JSON</FileButton>
      </Box>
    </Box>
  );
}

/** How many papers are there already. */
function PrintProgress({ done, all }: { done: number; all: number | null }) {
  const words = all === null ? "Drawing the papers" : `Paper ${Math.min(done, all)} of ${all}`;
  return (
    <>
      <LinearProgress
        aria-label={words}
        {...(all === null ? {} : { variant: "determinate" as const, value: (100 * Math.min(done, all)) / all })}
      />
      <Typography variant="body2">{words}</Typography>
    </>
  );
}

/** Choices of which any may be ticked, in one line. */
function Ticks({
  legend,
  name,
  choices,
  ticked = false,
}: {
  legend: string;
  name: string;
  choices: readonly { readonly value: string | number; readonly label: string }[];
  ticked?: boolean;
}) {
  return (
    <Box component="fieldset" sx={{ border: 0, m: 0, p: 0, display: "flex", flexWrap: "wrap", columnGap: 2 }}>
      <legend className="unseen">{legend}</legend>
      {choices.map(({ value, label }) => (
        <FormControlLabel
          key={value}
          control={<Checkbox name={name} value={value} defaultChecked={ticked} size="small" />}
          label={label}
        />
      ))}
    </Box>
  );
}
