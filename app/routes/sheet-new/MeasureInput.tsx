import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { nameOf } from "../../../core/body/catalogue.ts";
import type { CheckFinding } from "../../../core/body/checks/check.ts";
import { formatLengthWithUnit } from "../../../core/units/formatLength.ts";
import type { LengthUnit } from "../../../core/units/length.ts";
import { parseLength } from "../../../core/units/parseLength.ts";
import { renderFinding } from "../../components/body/renderFinding.ts";
import type { SheetPlace } from "./SheetFields.tsx";

interface MeasureInputProps {
  readonly place: SheetPlace;
  readonly name: string;
  readonly unit: LengthUnit;
  readonly text: string;
  /** What the last attempt to save said of this field. */
  readonly error: string | undefined;
  readonly findings: readonly CheckFinding[];
  readonly onText: (text: string) => void;
  readonly onFocus: () => void;
}

/** One measure: the text as typed, what it means in both units, and what asks for a second look. */
export function MeasureInput({ place, name, unit, text, error, findings, onText, onFocus }: MeasureInputProps) {
  const [left, setLeft] = useState(false);
  const parsed = text.trim() === "" ? null : parseLength(text, unit);
  const unreadable = parsed && !parsed.ok && left ? parsed.problem.message : undefined;
  const wrong = error ?? unreadable;
  const other: LengthUnit = unit === "cm" ? "in" : "cm";
  const meaning = parsed?.ok
    ? `${formatLengthWithUnit(parsed.value, unit)} · ${formatLengthWithUnit(parsed.value, other)}`
    : "";
  const asks = findings[0];
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: "minmax(170px, 1fr) minmax(0, 1.2fr)",
        gap: 2,
        alignItems: "start",
        mb: 0.5,
      }}
    >
      <TextField
        id={`field-${name}`}
        name={name}
        label={nameOf(place.code, place.side)}
        value={text}
        error={wrong !== undefined}
        helperText={wrong}
        autoComplete="off"
        onChange={(event) => {
          setLeft(false);
          onText(event.target.value);
        }}
        onFocus={onFocus}
        onBlur={() => setLeft(true)}
        sx={{ my: 0.5 }}
        slotProps={{ htmlInput: { inputMode: "decimal", "data-measure": name } }}
      />
      <Box sx={{ pt: 1.75, fontSize: "0.9rem", color: "text.secondary" }}>
        {meaning}
        {asks ? <Box sx={{ color: "warning.main", fontWeight: 600 }}>{renderFinding(asks, unit)}</Box> : null}
      </Box>
    </Box>
  );
}
