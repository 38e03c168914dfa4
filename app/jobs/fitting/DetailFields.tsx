import Box from "@mui/material/Box";
import type { FindingField, Spot } from "../../../core/fitting/index.ts";
import { AmountInput } from "../../form/AmountInput.tsx";
import { CheckInput } from "../../form/CheckInput.tsx";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { detailField } from "./findingFields.ts";

interface DetailFieldsProps {
  readonly fields: readonly FindingField[];
  readonly spots: readonly Spot[];
  readonly unit: "mm" | "in";
}

/** What a kind of finding asks for beside its amount. */
export function DetailFields({ fields, spots, unit }: DetailFieldsProps) {
  const ticks = fields.filter(({ type }) => type === "tick");
  return (
    <>
      {fields.map((field) => (
        <OneField key={field.id} field={field} spots={spots} unit={unit} />
      ))}
      {ticks.length > 0 ? (
        <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 3 }}>
          {ticks.map(({ id, label }) => (
            <CheckInput key={id} name={detailField(id)}>
              {label}
            </CheckInput>
          ))}
        </Box>
      ) : null}
    </>
  );
}

function OneField({ field, spots, unit }: { field: FindingField } & Omit<DetailFieldsProps, "fields">) {
  const name = detailField(field.id);
  if (field.type === "choice") {
    return <ChoiceInput name={name} legend={field.label} choices={field.choices} unpicked={field.needed} />;
  }
  if (field.type === "spot") {
    const choices = [
      { value: "", label: "nowhere in particular" },
      ...spots.map(({ id, name }) => ({ value: id, label: name.toLowerCase() })),
    ];
    return <ChoiceInput name={name} legend={field.label} choices={choices} />;
  }
  if (field.type === "tick") return null;
  return (
    <Box sx={{ maxWidth: 420 }}>
      <AmountInput name={name} label={field.label} hint={field.hint} unit={unit} />
    </Box>
  );
}
