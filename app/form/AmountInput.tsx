import AddIcon from "@mui/icons-material/Add";
import RemoveIcon from "@mui/icons-material/Remove";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import { useRef } from "react";
import { setInput } from "./setInput.ts";
import { TextInput } from "./TextInput.tsx";

interface AmountInputProps {
  readonly name: string;
  readonly label: string;
  readonly hint?: string;
  /** Unit the amount is written in. */
  readonly unit: "mm" | "in";
}

/** What one press adds: a millimetre, or a sixteenth of an inch. */
const STEP = { mm: 1, in: 1 / 16 } as const;

/** An amount with large buttons beside the field: to be set by one hand without a keyboard. */
export function AmountInput({ name, label, hint = "", unit }: AmountInputProps) {
  const box = useRef<HTMLDivElement>(null);
  const step = (direction: 1 | -1, times: number) => {
    const input = box.current?.querySelector("input");
    if (!input) return;
    const now = Number(input.value.replace(",", "."));
    const next = Math.max(0, (Number.isFinite(now) ? now : 0) + direction * times * STEP[unit]);
    setInput(input, next === 0 ? "" : String(Number(next.toFixed(4))));
  };
  return (
    <Box ref={box} sx={{ display: "flex", alignItems: "flex-start", gap: 0.75, mb: 0.75 }}>
      <IconButton aria-label={`${label}: less`} onClick={() => step(-1, 1)} sx={buttonStyle}>
        <RemoveIcon />
      </IconButton>
      <TextInput name={name} label={label} hint={hint} numeric suffix={unit} shrink />
      <IconButton aria-label={`${label}: more`} onClick={() => step(1, 1)} sx={buttonStyle}>
        <AddIcon />
      </IconButton>
      {unit === "mm" ? (
        <IconButton aria-label={`${label}: five more`} onClick={() => step(1, 5)} sx={buttonStyle}>
          +5
        </IconButton>
      ) : null}
    </Box>
  );
}

const buttonStyle = {
  flex: "none",
  width: 52,
  height: 52,
  borderRadius: 1,
  border: 1.5,
  borderColor: "divider",
  color: "text.primary",
  fontWeight: 700,
  fontSize: "1.15rem",
} as const;
