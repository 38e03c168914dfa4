import TextField from "@mui/material/TextField";
import { type ReactNode, useState } from "react";
import type { Echo } from "./echo.ts";
import { useFieldState } from "./FormState.tsx";

/** A field of a form keeps its distance from the next, with a hint or without. */
export const FIELD_BELOW = { mb: 2 } as const;

interface TextInputProps {
  readonly name: string;
  readonly label: string;
  /** What to write, shown below while there is no error. */
  readonly hint?: ReactNode;
  readonly lines?: number;
  readonly numeric?: boolean;
  readonly autoFocus?: boolean;
  readonly suffix?: string;
  /** The label stands above the field from the start: for narrow fields, whose label would not fit inside. */
  readonly shrink?: boolean;
  /** Says what was typed back as it was understood, in place of the hint. */
  readonly echo?: Echo;
  /** Column of a table of fields that Enter goes down in. */
  readonly column?: string;
  /** Marked as such; whether it is there is for the server to say, in words. */
  readonly required?: boolean;
  /** What is typed is not shown, and no browser is told to fill it in. */
  readonly secret?: boolean;
}

/** A labelled text field that keeps what was typed and shows its error beside it. */
export function TextInput({
  name,
  label,
  hint,
  lines = 1,
  numeric = false,
  autoFocus = false,
  suffix,
  shrink = false,
  echo,
  column,
  required = false,
  secret = false,
}: TextInputProps) {
  const { value, error } = useFieldState(name);
  const [text, setText] = useState(value);
  const understood = echo && text.trim() !== "" ? echo(text) : null;
  // What was refused is no longer what stands there: then how it is understood now tells more than the old error.
  const refused = understood !== null && text !== value ? undefined : error;
  return (
    <TextField
      id={`field-${name}`}
      name={name}
      label={label}
      defaultValue={value}
      error={refused !== undefined}
      helperText={refused ?? understood ?? hint}
      onChange={echo ? (event) => setText(event.target.value) : undefined}
      sx={FIELD_BELOW}
      multiline={lines > 1}
      minRows={lines}
      autoFocus={autoFocus}
      autoComplete={secret ? "new-password" : "off"}
      {...(secret ? { type: "password" } : {})}
      slotProps={{
        htmlInput: {
          ...(numeric ? { inputMode: "decimal" } : {}),
          ...(column ? { "data-column": column } : {}),
          ...(required ? { "aria-required": true } : {}),
        },
        inputLabel: { required, ...(shrink ? { shrink: true } : {}) },
        input: suffix ? { endAdornment: <span>{suffix}</span> } : {},
      }}
    />
  );
}
