import TextField from "@mui/material/TextField";
import { useId } from "react";
import { useFieldState } from "./FormState.tsx";
import { FIELD_BELOW } from "./TextInput.tsx";

/** A text field that offers names from the shelf while one types. */
export function ShelfInput({
  name,
  label,
  hint,
  choices,
}: {
  name: string;
  label: string;
  hint?: string;
  choices: readonly string[];
}) {
  const { value, error } = useFieldState(name);
  const list = useId();
  return (
    <>
      <datalist id={list}>
        {choices.map((choice) => (
          <option key={choice} value={choice} />
        ))}
      </datalist>
      <TextField
        id={`field-${name}`}
        name={name}
        label={label}
        defaultValue={value}
        error={error !== undefined}
        helperText={error ?? hint}
        sx={FIELD_BELOW}
        autoComplete="off"
        slotProps={{ htmlInput: { list } }}
      />
    </>
  );
}
