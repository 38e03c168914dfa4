import Box from "@mui/material/Box";
import { useState } from "react";
import { type ClothKind, DIRECTION_NAMES, DIRECTIONS, type Direction, SWATCH_STATES } from "../../core/cloth/index.ts";
import { ChoiceInput } from "../form/ChoiceInput.tsx";
import { DayInput } from "../form/DayInput.tsx";
import { useFieldState } from "../form/FormState.tsx";
import { TextInput } from "../form/TextInput.tsx";

const LOOKS = [
  { value: "", label: "not said" },
  { value: "narrow", label: "the cells draw narrow" },
  { value: "wide", label: "the cells open wide" },
] as const;

interface PulledProps {
  readonly kind: ClothKind;
  /** Directions nobody has pulled yet. */
  readonly untested: readonly Direction[];
}

/** Which way a swatch was pulled, what is still missing, and how the cells of a net look: nothing is answered for her. */
export function PulledFields({ kind, untested }: PulledProps) {
  return (
    <>
      <ChoiceInput
        name="direction"
        legend={untested.length > 0 ? `Pulled (not tested yet: ${untested.join(", ")})` : "Pulled"}
        unpicked
        choices={DIRECTIONS.map((value) => ({ value, label: DIRECTION_NAMES[value] }))}
      />
      {kind === "net" ? <ChoiceInput name="look" legend="The cells, pulled this way" choices={LOOKS} /> : null}
    </>
  );
}

/** Which way, in what state and when a swatch was pulled. */
export function SwatchHead({ kind, untested }: PulledProps) {
  const started = useFieldState("state").value || "new";
  const [state, setState] = useState(started);
  return (
    <>
      <PulledFields kind={kind} untested={untested} />
      <ChoiceInput
        name="state"
        legend="The swatch is"
        picked={state}
        choices={SWATCH_STATES.map(({ id, words }) => ({ value: id, label: words }))}
        onChange={setState}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: "220px 160px 1fr", gap: 2 }}>
        <DayInput name="testedOn" label="Tested on" />
        {state === "washed" ? <TextInput name="washes" label="Washes so far" numeric /> : null}
      </Box>
    </>
  );
}
