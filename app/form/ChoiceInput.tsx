import Box from "@mui/material/Box";
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
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0, mb: 2, minWidth: 0 }}>
      <Box component="legend" sx={{ p: 0, mb: 0.5, fontSize: "0.85rem", color: "text.secondary" }}>
        {legend}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
        {choices.map((choice) => (
          <Box component="label" key={choice.value} sx={optionStyle}>
            <input
              type="radio"
              name={name}
              value={choice.value}
              {...(picked === undefined
                ? { defaultChecked: choice.value === chosen }
                : { checked: choice.value === picked })}
              onChange={() => onChange?.(choice.value)}
            />
            <span>{choice.label}</span>
          </Box>
        ))}
        {beside}
      </Box>
      {error ? (
        <Box role="alert" sx={{ color: "error.main", fontSize: "0.85rem", mt: 0.5 }}>
          {error}
        </Box>
      ) : null}
    </Box>
  );
}

const optionStyle = {
  position: "relative",
  "& input": { position: "absolute", inset: 0, opacity: 0, m: 0, cursor: "pointer", width: "100%", height: "100%" },
  "& span": {
    display: "inline-block",
    minHeight: 40,
    lineHeight: "38px",
    px: 1.75,
    border: 1.5,
    borderColor: "divider",
    borderRadius: 1,
    bgcolor: "background.paper",
  },
  "& input:checked + span": {
    borderColor: "primary.main",
    color: "primary.main",
    fontWeight: 700,
    boxShadow: "inset 0 -3px 0 currentColor",
  },
  "& input:focus-visible + span": { outline: "3px solid", outlineColor: "secondary.main", outlineOffset: 2 },
} as const;
