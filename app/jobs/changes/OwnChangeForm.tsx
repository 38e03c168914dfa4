import Box from "@mui/material/Box";
import { useState } from "react";
import { ZONE_NAMES, type Zone } from "../../../core/ease/index.ts";
import { smallUnit } from "../../../core/units/index.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { SideInput } from "../../form/SideInput.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";

interface OwnChangeFormProps {
  readonly draftForm: string;
  readonly draft: Fields | null;
  readonly unsaved: Unsaved | undefined;
  readonly zones: readonly Zone[];
  readonly lengths: readonly { readonly id: string; readonly name: string }[];
  readonly spots: readonly { readonly id: string; readonly name: string }[];
}

const ON = [
  { value: "girth", label: "a girth" },
  { value: "length", label: "a length of the plan" },
  { value: "making", label: "something else" },
] as const;

/** A change that no finding asked for. */
export function OwnChangeForm({ draftForm, draft, unsaved, zones, lengths, spots }: OwnChangeFormProps) {
  const kept = unsaved?.fields ?? draft ?? undefined;
  const unit = useFormUnit(kept);
  const [on, setOn] = useState(kept?.on ?? "girth");
  const places =
    on === "girth"
      ? zones.map((zone) => ({ value: zone, label: ZONE_NAMES[zone].toLowerCase() }))
      : on === "length"
        ? lengths.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }))
        : spots.map(({ id, name }) => ({ value: id, label: name.toLowerCase() }));
  return (
    <RecordForm
      draftForm={draftForm}
      draft={draft}
      start={{ pieces: "front, back", seams: "2" }}
      unsaved={unsaved}
      hidden={{ intent: "own", unit }}
      submitLabel="Add this change"
      quiet
    >
      <ChoiceInput name="on" legend="It changes" picked={on} choices={ON} onChange={setOn} />
      <ChoiceInput key={on} name="place" legend="Where" choices={places} unpicked />
      <SideInput />
      <ChoiceInput
        name="direction"
        legend="Which way"
        unpicked
        choices={[
          { value: "give", label: on === "length" ? "longer" : "give" },
          { value: "take", label: on === "length" ? "shorter" : "take off" },
        ]}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "repeat(3, 1fr)" }, gap: 2 }}>
        <TextInput
          name="amount"
          label={on === "girth" ? "Of the whole girth" : "Amount"}
          hint={on === "making" ? "Empty for work that is no amount." : ""}
          numeric
          suffix={smallUnit(unit)}
        />
        {on === "girth" ? <TextInput name="seams" label="Over seams" hint="Two edges each." numeric /> : null}
        <TextInput name="pieces" label="Pieces" hint="front, back" />
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, gap: 2 }}>
        <TextInput name="line" label="At which line or seam" />
        <TextInput name="blend" label="Blend from … to" hint="Where it starts and where it ends." />
      </Box>
      <TextInput name="reason" label="Why" />
    </RecordForm>
  );
}
