import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { measureOf, nameOf, type SheetPlace } from "../../../core/body/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { notTakenField, takeField, tapeField } from "../measureFields.ts";

interface MoreOfMeasureProps {
  readonly place: SheetPlace;
  /** Name its fields stand below. */
  readonly name: string;
  readonly texts: Fields;
  readonly errorOf: (name: string) => string | undefined;
  readonly onText: (name: string, text: string) => void;
  readonly onFocus: () => void;
}

const TAPES = [
  { value: "", label: "as on the sheet" },
  { value: "snug", label: "snug" },
  { value: "finger", label: "one finger under" },
] as const;

/** What a measure rarely needs: a second and third take, its own tape school, why it was not taken. */
export function MoreOfMeasure({ place, name, texts, errorOf, onText, onFocus }: MoreOfMeasureProps) {
  const full = nameOf(place.code, place.side);
  const field = (fieldName: string, label: string) => (
    <TextField
      id={`field-${fieldName}`}
      name={fieldName}
      label={label}
      value={texts[fieldName] ?? ""}
      error={errorOf(fieldName) !== undefined}
      helperText={errorOf(fieldName)}
      autoComplete="off"
      onChange={(event) => onText(fieldName, event.target.value)}
      onFocus={onFocus}
    />
  );
  return (
    <Box
      sx={{
        gridColumn: "1 / -1",
        display: "grid",
        gridTemplateColumns: { xs: "1fr 1fr", md: "1fr 1fr 1.4fr" },
        gap: 1,
        pl: 2,
        pt: 1,
        mb: 1,
        borderLeft: 3,
        borderColor: "divider",
      }}
    >
      {field(takeField(name, 2), `${full}, second take`)}
      {field(takeField(name, 3), `${full}, third take`)}
      {measureOf(place.code).kind === "girth" ? (
        <TextField
          select
          id={`field-${tapeField(name)}`}
          name={tapeField(name)}
          label="Tape for this one"
          value={texts[tapeField(name)] ?? ""}
          onChange={(event) => onText(tapeField(name), event.target.value)}
        >
          {TAPES.map(({ value, label }) => (
            <MenuItem key={value} value={value}>
              {label}
            </MenuItem>
          ))}
        </TextField>
      ) : null}
      <Box sx={{ gridColumn: "1 / -1" }}>{field(notTakenField(name), `${full} was not taken, because …`)}</Box>
    </Box>
  );
}
