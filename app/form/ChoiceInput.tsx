import FormControl from "@mui/material/FormControl";
import FormControlLabel from "@mui/material/FormControlLabel";
import FormHelperText from "@mui/material/FormHelperText";
import FormLabel from "@mui/material/FormLabel";
import Radio from "@mui/material/Radio";
import RadioGroup from "@mui/material/RadioGroup";
import type { ReactNode } from "react";
import { useFieldState } from "./FormState.tsx";

/** One answer of a choice. */
export interface Choice {
  readonly value: string;
  readonly label: string;
}

/** A few answers as large buttons of which one is pressed: quick by hand, plain radio buttons by keyboard. */
export function ChoiceInput({
  name,
  legend,
  choices,
  picked,
  onChange,
  unpicked = false,
  beside,
}: {
  name: string;
  legend: string;
  choices: readonly Choice[];
  /** The answer from outside, where a tap elsewhere can change it; `""` for none. Left out, the form keeps its own. */
  picked?: string;
  onChange?: (value: string) => void;
  /** Nothing is picked until somebody does: for what must not be answered by default. */
  unpicked?: boolean;
  /** Stands behind the last answer. */
  beside?: ReactNode;
}) {
  const { value, error } = useFieldState(name);
  const chosen = choices.some((choice) => choice.value === value) ? value : unpicked ? undefined : choices[0]?.value;
  return (
    <FormControl component="fieldset" error={error !== undefined} sx={{ mb: 2, minWidth: 0, display: "flex" }}>
      <FormLabel
        component="legend"
        sx={{ mb: 0.5, fontSize: "0.85rem", "&, &.Mui-focused": { color: "text.secondary" } }}
      >
        {legend}
      </FormLabel>
      <RadioGroup
        row
        name={name}
        {...(picked === undefined ? { defaultValue: chosen ?? "" } : { value: picked })}
        onChange={(_, answer) => onChange?.(answer)}
        sx={{ gap: 0.75 }}
      >
        {choices.map((choice) => (
          <FormControlLabel
            key={choice.value}
            value={choice.value}
            control={<Radio />}
            label={choice.label}
            sx={optionStyle}
          />
        ))}
        {beside}
      </RadioGroup>
      {error ? (
        <FormHelperText role="alert" sx={{ mx: 0, mt: 0.5 }}>
          {error}
        </FormHelperText>
      ) : null}
    </FormControl>
  );
}

/** The round mark goes: the whole answer is the button, and the one that is pressed is told by more than its colour. */
const optionStyle = {
  position: "relative",
  m: 0,
  "& .MuiRadio-root": { position: "absolute", inset: 0, p: 0, opacity: 0 },
  "& .MuiFormControlLabel-label": {
    minHeight: 40,
    lineHeight: "38px",
    px: 1.75,
    border: 1.5,
    borderColor: "divider",
    borderRadius: 1,
    bgcolor: "background.paper",
  },
  "& .Mui-checked + .MuiFormControlLabel-label": {
    borderColor: "primary.main",
    color: "primary.main",
    fontWeight: 700,
    boxShadow: "inset 0 -3px 0 currentColor",
  },
  "& .Mui-focusVisible + .MuiFormControlLabel-label": {
    outline: "3px solid",
    outlineColor: "secondary.main",
    outlineOffset: 2,
  },
} as const;
