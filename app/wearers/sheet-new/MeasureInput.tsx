import MoreHorizIcon from "@mui/icons-material/MoreHoriz";
import Box from "@mui/material/Box";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { type CheckFinding, type MeasuredValue, nameOf, type SheetPlace } from "../../../core/body/index.ts";
import { formatLengthWithUnit, type LengthUnit, parseLength } from "../../../core/units/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { notTakenField, placeField, takeField } from "../measureFields.ts";
import { renderFinding } from "../renderFinding.ts";
import { MoreOfMeasure } from "./MoreOfMeasure.tsx";

interface MeasureInputProps {
  readonly place: SheetPlace;
  readonly unit: LengthUnit;
  readonly texts: Fields;
  /** What the last attempt to save said of this measure's fields, while they still hold what was sent. */
  readonly errorOf: (name: string) => string | undefined;
  readonly findings: readonly CheckFinding[];
  readonly needed: boolean;
  /** What it was on the last sheet; null where it was not taken then. */
  readonly earlier: MeasuredValue | null;
  readonly onText: (name: string, text: string) => void;
  readonly onFocus: () => void;
  readonly onLeave: () => void;
}

/** One measure: the text as typed, what it means in both units, and what asks for a second look. */
export function MeasureInput({
  place,
  unit,
  texts,
  errorOf,
  findings,
  needed,
  earlier,
  onText,
  onFocus,
  onLeave,
}: MeasureInputProps) {
  const at = placeField(place.code, place.side);
  const name = takeField(at, 1);
  const text = texts[name] ?? "";
  const reason = texts[notTakenField(at)] ?? "";
  const [left, setLeft] = useState(false);
  const [more, setMore] = useState(false);
  const hasMore = [takeField(at, 2), takeField(at, 3), notTakenField(at)].some(
    (field) => (texts[field] ?? "") !== "" || errorOf(field),
  );
  const parsed = text.trim() === "" ? null : parseLength(text, unit);
  const unreadable = parsed && !parsed.ok && left ? parsed.problem.message : undefined;
  const wrong = errorOf(name) ?? unreadable;
  const asks = findings[0];
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: "minmax(150px, 230px) auto minmax(0, 1fr)",
        columnGap: 0.5,
        alignItems: "center",
        minHeight: 50,
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
          onText(name, event.target.value);
        }}
        onFocus={onFocus}
        onBlur={() => {
          setLeft(true);
          onLeave();
        }}
        sx={{ mt: 0.5, mb: 0.5 }}
        slotProps={{ htmlInput: { inputMode: "decimal", "data-measure": name } }}
      />
      <IconButton
        size="small"
        aria-expanded={more || hasMore}
        aria-label={`More about ${nameOf(place.code, place.side)}`}
        onClick={() => setMore(!more)}
      >
        <MoreHorizIcon fontSize="small" />
      </IconButton>
      <Box sx={{ fontSize: "0.9rem", lineHeight: 1.3, color: "text.secondary", pl: 0.5, minWidth: 0 }}>
        {parsed?.ok ? meaning(parsed.value, unit) : null}
        {earlier ? (
          <Box component="span">
            {" "}
            {parsed?.ok ? "· " : ""}before {formatLengthWithUnit(earlier.mm, unit)}
          </Box>
        ) : null}
        {!parsed && reason ? "not taken" : null}
        {!parsed && !reason && needed ? <Box sx={{ color: "warning.main" }}>needed for this job</Box> : null}
        {asks ? <Box sx={{ color: "warning.main", fontWeight: 600 }}>{renderFinding(asks, unit)}</Box> : null}
      </Box>
      {more || hasMore ? (
        <MoreOfMeasure place={place} name={at} texts={texts} errorOf={errorOf} onText={onText} onFocus={onFocus} />
      ) : null}
    </Box>
  );
}

function meaning(mm: number, unit: LengthUnit): string {
  const other: LengthUnit = unit === "cm" ? "in" : "cm";
  return `${formatLengthWithUnit(mm, unit)} · ${formatLengthWithUnit(mm, other)}`;
}
