import Box from "@mui/material/Box";
import { ChoiceInput } from "../form/ChoiceInput.tsx";
import { TextInput } from "../form/TextInput.tsx";

const EASES = [
  { value: "stretch", label: "stretch cloth, worn smaller than the body" },
  { value: "loose", label: "a loose fit, with ease" },
] as const;

/** Name of a chart, what its pattern is drawn for, and what its maker says of its reduction. */
export function ChartHeadFields() {
  return (
    <>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "2fr 1fr" }, columnGap: 1.5 }}>
        <TextInput name="name" label="Name of the chart" required hint="For example: one-piece, basic block." />
        <TextInput
          name="ownReduction"
          label="The pattern's own reduction"
          suffix="%"
          numeric
          hint="If its maker states it; else empty."
        />
      </Box>
      <ChoiceInput name="ease" legend="Drawn for" choices={EASES} />
    </>
  );
}
