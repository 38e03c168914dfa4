import Box from "@mui/material/Box";
import { WORN_UNDER } from "../../../core/body/index.ts";
import { CheckInput } from "../../form/CheckInput.tsx";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { DayInput } from "../../form/DayInput.tsx";
import { TextInput } from "../../form/TextInput.tsx";

interface SheetHeadProps {
  readonly onUnit: (unit: "cm" | "in") => void;
  readonly onSelfMeasured: (self: boolean) => void;
  /** Filled in by the wearer, with nobody of the workshop there. */
  readonly alone?: boolean;
}

const UNITS = [
  { value: "cm", label: "cm" },
  { value: "in", label: "inches" },
] as const;

const TAPES = [
  { value: "snug", label: "snug" },
  { value: "finger", label: "one finger under" },
] as const;

/** When, by whom and how a sheet was taken. */
export function SheetHead({ onUnit, onSelfMeasured, alone = false }: SheetHeadProps) {
  return (
    <>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", columnGap: 2, alignItems: "start" }}>
        <DayInput name="takenOn" label="Measured on" />
        {alone ? (
          <TextInput name="measuredBy" label="Somebody helped" hint="Their name, if you like." />
        ) : (
          <Box sx={{ mb: 0.5 }}>
            <TextInput name="measuredBy" label="Measured by" />
            <Box sx={{ mt: -1.5 }}>
              <CheckInput name="selfMeasured" onChange={onSelfMeasured}>
                by the wearer alone
              </CheckInput>
            </Box>
          </Box>
        )}
        <ChoiceInput
          name="unit"
          legend="A bare number is in"
          choices={UNITS}
          onChange={(value) => onUnit(value === "in" ? "in" : "cm")}
        />
        <ChoiceInput name="tape" legend="The tape lies" choices={TAPES} />
      </Box>
      <ChoiceInput
        name="wornUnder"
        legend="Worn under the tape"
        choices={WORN_UNDER.map(({ id, words }) => ({ value: id, label: words }))}
      />
    </>
  );
}
