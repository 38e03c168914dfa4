import TextField from "@mui/material/TextField";
import type { ReactNode } from "react";
import { useFieldState } from "./FormState.tsx";

interface TextInputProps {
  readonly name: string;
  readonly label: string;
  /** What to write, shown below while there is no error. */
  readonly hint?: ReactNode;
  readonly type?: "text" | "date" | "search";
  readonly lines?: number;
  readonly numeric?: boolean;
  readonly autoFocus?: boolean;
  readonly suffix?: string;
  /** The label stands above the field from the start: for narrow fields, whose label would not fit inside. */
  readonly shrink?: boolean;
}

/** A labelled text field that keeps what was typed and shows its error beside it. */
export function TextInput({
  name,
  label,
  hint,
  type = "text",
  lines = 1,
  numeric = false,
  autoFocus = false,
  suffix,
  shrink = false,
}: TextInputProps) {
  const { value, error } = useFieldState(name);
  return (
    <TextField
      id={`field-${name}`}
      name={name}
      label={label}
      type={type}
      defaultValue={value}
      error={error !== undefined}
      helperText={error ?? hint ?? " "}
      multiline={lines > 1}
      minRows={lines}
      autoFocus={autoFocus}
      autoComplete="off"
      slotProps={{
        htmlInput: numeric ? { inputMode: "decimal" } : {},
        inputLabel: type === "date" || shrink ? { shrink: true } : {},
        input: suffix ? { endAdornment: <span>{suffix}</span> } : {},
      }}
    />
  );
}
