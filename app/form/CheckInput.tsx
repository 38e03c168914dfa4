import Box from "@mui/material/Box";
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
    <Box
      component="label"
      sx={{ display: "flex", gap: 1, alignItems: "center", minHeight: 40, mb: 1, cursor: "pointer" }}
    >
      <Box
        component="input"
        type="checkbox"
        name={name}
        value="yes"
        defaultChecked={value === "yes"}
        onChange={(event) => onChange?.(event.currentTarget.checked)}
        sx={{ width: 20, height: 20, flex: "none", accentColor: "var(--stz-palette-primary-main)" }}
      />
      <span>{children}</span>
    </Box>
  );
}
