import Box from "@mui/material/Box";
import { useState } from "react";
import { type ClothKind, SWATCH_STATES } from "../../../core/cloth/cloth.ts";
import { DIRECTION_NAMES, DIRECTIONS } from "../../../core/cloth/direction.ts";
import { ChoiceInput } from "../forms/ChoiceInput.tsx";
import { useFieldState } from "../forms/FormState.tsx";
import { TextInput } from "../forms/TextInput.tsx";

const LOOKS = [
  { value: "narrow", label: "the cells draw narrow" },
  { value: "wide", label: "the cells open wide" },
] as const;

/** Which way, in what state and when a swatch was pulled. */
export function SwatchHead({ kind }: { kind: ClothKind }) {
  const started = useFieldState("state").value || "new";
  const [state, setState] = useState(started);
  return (
    <>
      <ChoiceInput
        name="direction"
        legend="Pulled"
        choices={DIRECTIONS.map((value) => ({ value, label: DIRECTION_NAMES[value] }))}
      />
      {kind === "net" ? <ChoiceInput name="look" legend="As it is pulled" choices={LOOKS} /> : null}
      <ChoiceInput
        name="state"
        legend="The swatch is"
        picked={state}
        choices={SWATCH_STATES.map(({ id, words }) => ({ value: id, label: words }))}
        onChange={setState}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: "220px 160px 1fr", gap: 2 }}>
        <TextInput name="testedOn" label="Tested on" type="date" />
        {state === "washed" ? <TextInput name="washes" label="Washes so far" numeric /> : null}
      </Box>
    </>
  );
}
