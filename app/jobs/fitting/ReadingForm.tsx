import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { ZONE_NAMES } from "../../../core/ease/index.ts";
import { smallUnit } from "../../../core/units/index.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { SideInput } from "../../form/SideInput.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { draftNames } from "./draftNames.ts";
import { GaugeForce } from "./GaugeForce.tsx";
import { foreseenN, KINDS, type ReadingsProps } from "./readingKinds.ts";
import { useSentForm } from "./useSentForm.ts";

type ReadingFormProps = Pick<ReadingsProps, "zones" | "tensions" | "hasDevice" | "draft" | "onSend"> & {
  readonly fittingId: number;
  readonly onDone: () => void;
};

/** Puts a tension reading on the record, typed or read from a gauge. */
export function ReadingForm({ fittingId, zones, tensions, hasDevice, draft, onSend, onDone }: ReadingFormProps) {
  const sent = useSentForm(onSend, onDone);
  const kept = sent.refused?.fields ?? draft;
  const unit = useFormUnit(kept);
  const [kind, setKind] = useState(kept?.kind ?? "lift");
  return (
    <Box sx={{ mt: 2, maxWidth: 620 }}>
      <RecordForm
        draftForm={draftNames.reading(fittingId)}
        draft={draft ?? null}
        start={{ zone: zones.includes("waist") ? "waist" : (zones[0] ?? "") }}
        unsaved={sent.refused}
        hidden={{ intent: "reading", fitting: fittingId, unit }}
        submitLabel="Keep the reading"
        sending={sent.sending}
        onSend={sent.onSend}
        beside={<Button onClick={onDone}>Leave it</Button>}
      >
        <ChoiceInput
          name="zone"
          legend="Where"
          choices={zones.map((value) => ({ value, label: ZONE_NAMES[value].toLowerCase() }))}
        />
        <SideInput both="middle or both" />
        <ChoiceInput
          name="kind"
          legend="What was read (the two are never compared)"
          picked={kind}
          choices={KINDS}
          onChange={setKind}
        />
        {kind === "liftBy" ? (
          <Box sx={{ maxWidth: 280 }}>
            <TextInput name="lift" label="Off the body by" hint="With two fingers." numeric suffix={smallUnit(unit)} />
          </Box>
        ) : (
          <>
            <GaugeForce hasDevice={hasDevice} foreseenN={(fields) => foreseenN(fields, tensions)} />
            {kind === "closure" ? (
              <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2 }}>
                <TextInput name="height" label="Over a height of" numeric suffix={smallUnit(unit)} />
                <TextInput
                  name="elastics"
                  label="Elastics in it pull"
                  hint="Their force at this stretch, from Band; empty for none."
                  numeric
                  suffix="N"
                />
              </Box>
            ) : null}
          </>
        )}
        <TextInput name="note" label="Note" hint="How it was read: two fingers, centre back …" />
      </RecordForm>
    </Box>
  );
}
