import Box from "@mui/material/Box";
import { DIRECTION_NAMES, DIRECTIONS } from "../../../core/cloth/direction.ts";
import { ChoiceInput } from "../../components/forms/ChoiceInput.tsx";
import { TextInput } from "../../components/forms/TextInput.tsx";
import { SwatchPicture } from "./SwatchPicture.tsx";

/** The three lengths of a hand test, with a picture of what each one is. */
export function HandTestFields() {
  return (
    <>
      <SwatchPicture />
      <ChoiceInput
        name="direction"
        legend="Pulled"
        choices={DIRECTIONS.map((value) => ({ value, label: DIRECTION_NAMES[value] }))}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr 1fr", lg: "repeat(4, 1fr)" }, gap: 2 }}>
        <TextInput name="gauge" label="Gauge at rest" hint="Between two marks." numeric suffix="mm" />
        <TextInput name="stretched" label="Stretched" hint="Comfortable limit." numeric suffix="mm" />
        <TextInput name="after" label="After 60 s" hint="Let go, wait." numeric suffix="mm" />
        <TextInput name="testedOn" label="Tested on" type="date" />
      </Box>
    </>
  );
}
