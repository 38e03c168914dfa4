import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import type { ReactNode } from "react";
import { useFieldState } from "./FormState.tsx";

/** A tick with its words; sends `yes` when ticked. */
export function CheckInput({
  name,
  children,
  onChange,
}: {
  name: string;
  children: ReactNode;
  onChange?: (ticked: boolean) => void;
}) {
  const { value } = useFieldState(name);
  return (
    <FormControlLabel
      control={
        <Checkbox
          name={name}
          value="yes"
          defaultChecked={value === "yes"}
          onChange={(_, ticked) => onChange?.(ticked)}
        />
      }
      label={children}
      sx={{ display: "flex", minHeight: 40, mb: 1, mr: 0 }}
    />
  );
}
