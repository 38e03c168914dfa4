import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import type { WorkingField } from "../../../core/calculation/index.ts";
import type { LengthUnit } from "../../../core/units/index.ts";
import { fieldsOfWorking, type WorkingId } from "../../../core/workings/index.ts";
import { CheckInput } from "../../form/CheckInput.tsx";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { DayInput } from "../../form/DayInput.tsx";
import { useFieldState } from "../../form/FormState.tsx";
import { FIELD_BELOW, TextInput } from "../../form/TextInput.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { suffixOf } from "./field.ts";
import { fieldSpans } from "./fieldSpans.ts";
import { RowsField } from "./RowsField.tsx";

/** Records a pick field offers. */
export type PickOptions = readonly { readonly id: number; readonly name: string }[];

/** Two beside one another. */
const BESIDE = "repeat(2, minmax(0, 1fr))";
/** No one field but a list is wider, px. */
const WIDEST_FIELD = 560;
const NARROW = { xs: BESIDE, sm: "repeat(3, minmax(0, 1fr))", lg: "minmax(0, 1fr)" };

interface WorkingFieldsProps {
  readonly id: WorkingId;
  readonly unit: LengthUnit;
  readonly hidden: readonly string[];
  /** Labels that differ from the fields' own. */
  readonly labels: Readonly<Record<string, string>>;
  readonly options: PickOptions;
  /** Hints that differ from the fields' own. */
  readonly hints: Readonly<Record<string, string>>;
  /** Words in the place of fields that another step decides, which are only told. */
  readonly decided: Readonly<Record<string, string>>;
  /** True where they stand in one column beside what comes of them, and in three above it on a small screen. */
  readonly narrow: boolean;
}

/**
 * The fields of a working. Fields that are of no use as things stand are hidden, not taken away: what was typed in them
 * is still there when they are wanted again.
 */
export function WorkingFields({ id, unit, hidden, labels, options, hints, decided, narrow }: WorkingFieldsProps) {
  const fields = fieldsOfWorking(id);
  const spans = fieldSpans(fields.filter(([name]) => !hidden.includes(name)));
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: narrow ? NARROW : BESIDE, columnGap: 1.5 }}>
      {fields.map(([name, field]) => (
        <Box
          key={name}
          sx={{
            display: hidden.includes(name) ? "none" : "block",
            gridColumn: narrow || spans.get(name) === "half" ? "auto" : "1 / -1",
            ...(field.as === "rows" ? {} : { maxWidth: WIDEST_FIELD }),
          }}
        >
          {decided[name] === undefined ? null : <Told label={labels[name] ?? field.label} words={decided[name]} />}
          <Box sx={{ display: decided[name] === undefined ? "contents" : "none" }}>
            <OneField
              name={name}
              field={hints[name] === undefined ? field : { ...field, hint: hints[name] }}
              label={labels[name] ?? field.label}
              unit={unit}
              options={options}
            />
          </Box>
        </Box>
      ))}
    </Box>
  );
}

/** A field that is decided elsewhere: what it is, and where that was said. */
const Told = ({ label, words }: { readonly label: string; readonly words: string }) => (
  <Box sx={{ mb: 1.5 }}>
    <Typography sx={{ fontSize: "0.85rem", color: "text.secondary" }}>{label}</Typography>
    <Typography sx={{ fontSize: "0.95rem" }}>{words}</Typography>
  </Box>
);

function OneField({
  name,
  field,
  label,
  unit,
  options,
}: {
  name: string;
  field: WorkingField;
  label: string;
  unit: LengthUnit;
  options: PickOptions;
}) {
  const suffix = suffixOf(field, unit);
  const written = useLengths();
  if (field.as === "choice") return <ChoiceInput name={name} legend={label} choices={field.choices} />;
  if (field.as === "check") return <CheckInput name={name}>{label}</CheckInput>;
  if (field.as === "day") return <DayInput name={name} label={label} />;
  if (field.as === "rows") return <RowsField name={name} field={field} unit={unit} />;
  if (field.as === "pick") return <PickInput name={name} label={label} options={options} />;
  return (
    <TextInput
      name={name}
      label={suffix ? `${label}, ${suffix}` : label}
      numeric={field.as === "number" || field.as === "percent"}
      shrink
      {...(field.hint ? { hint: written.told(field.hint) } : {})}
    />
  );
}

/** A plain list to pick from: it reports every change like any other field. */
function PickInput({ name, label, options }: { name: string; label: string; options: PickOptions }) {
  const { value, error } = useFieldState(name);
  return (
    <TextField
      select
      id={`field-${name}`}
      name={name}
      label={label}
      defaultValue={value}
      error={error !== undefined}
      helperText={error}
      sx={FIELD_BELOW}
      slotProps={{ select: { native: true }, inputLabel: { shrink: true } }}
    >
      <option value="">none</option>
      {options.map((option) => (
        <option key={option.id} value={option.id}>
          {option.name}
        </option>
      ))}
    </TextField>
  );
}
