import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Form } from "react-router";
import { ZONE_NAMES, type Zone } from "../../../core/ease/zones.ts";
import type { Fitting, Reading } from "../../../core/fitting/fitting.ts";
import { ChoiceInput } from "../../components/forms/ChoiceInput.tsx";
import { RecordForm } from "../../components/forms/RecordForm.tsx";
import { TextInput } from "../../components/forms/TextInput.tsx";
import { useLengths } from "../../components/units/UnitContext.tsx";
import { useFormUnit } from "../../components/units/useFormUnit.ts";
import { smallUnit } from "../../forms/smallLength.ts";
import type { Fields, Unsaved } from "../../forms/unsaved.ts";
import { draftNames } from "./draftNames.ts";

interface ReadingsProps {
  readonly fitting: Fitting;
  readonly zones: readonly Zone[];
  readonly draft: Fields | undefined;
  readonly unsaved: Unsaved | undefined;
}

const KINDS = [
  { value: "lift", label: "lift: the edge off the body" },
  { value: "closure", label: "closure pull: edges just to meet" },
] as const;

/** Tension readings with a hand gauge: those taken, and a form for the next. */
export function Readings({ fitting, zones, draft, unsaved }: ReadingsProps) {
  const [asked, setAsked] = useState(false);
  const open = asked || draft !== undefined || unsaved !== undefined;
  return (
    <Box component="section" aria-label="Tension readings" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Tension readings
      </Typography>
      {fitting.readings.map((reading) => (
        <ReadingRow key={reading.id} reading={reading} fittingId={fitting.id} />
      ))}
      {fitting.readings.length === 0 && !open ? (
        <Typography color="text.secondary" sx={{ mb: 1 }}>
          None yet. A hook gauge at the waist, read in N, lets this prototype be compared with the next.
        </Typography>
      ) : null}
      {open ? (
        <ReadingForm
          key={fitting.readings.length}
          fittingId={fitting.id}
          zones={zones}
          draft={draft}
          unsaved={unsaved}
        />
      ) : (
        <Button variant="outlined" onClick={() => setAsked(true)}>
          Take a reading
        </Button>
      )}
    </Box>
  );
}

function ReadingRow({ reading, fittingId }: { reading: Reading; fittingId: number }) {
  const lengths = useLengths();
  const { id, zone, kind, newtons, heightMm, note } = reading;
  return (
    <Form method="post">
      <input type="hidden" name="fitting" value={fittingId} />
      <input type="hidden" name="reading" value={id} />
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "baseline", flexWrap: "wrap" }}>
        <strong>{Number(newtons.toFixed(2))} N</strong>
        <span>
          {kind === "lift" ? "lift" : "closure pull"} at the {ZONE_NAMES[zone].toLowerCase()}
          {heightMm === null ? "" : `, over ${lengths.amount(heightMm)}`}
        </span>
        <Box sx={{ color: "text.secondary", flex: 1 }}>{note}</Box>
        <Button size="small" type="submit" name="intent" value="remove-reading">
          Take off
        </Button>
      </Box>
    </Form>
  );
}

function ReadingForm({ fittingId, zones, draft, unsaved }: Omit<ReadingsProps, "fitting"> & { fittingId: number }) {
  const kept = unsaved?.fields ?? draft;
  const unit = useFormUnit(kept);
  const [kind, setKind] = useState(kept?.kind ?? "lift");
  return (
    <Box sx={{ mt: 2, maxWidth: 560 }}>
      <RecordForm
        draftForm={draftNames.reading(fittingId)}
        draft={draft ?? null}
        start={{ zone: "waist" }}
        unsaved={unsaved}
        hidden={{ intent: "reading", fitting: fittingId, unit }}
        submitLabel="Keep the reading"
      >
        <ChoiceInput
          name="zone"
          legend="Where"
          choices={zones.map((value) => ({ value, label: ZONE_NAMES[value].toLowerCase() }))}
        />
        <ChoiceInput
          name="kind"
          legend="What was read (the two are never compared)"
          picked={kind}
          choices={KINDS}
          onChange={setKind}
        />
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2 }}>
          <TextInput name="force" label="Force" hint="4.2, 430 g or 15 oz." numeric suffix="N" />
          {kind === "closure" ? (
            <TextInput name="height" label="Over a height of" numeric suffix={smallUnit(unit)} />
          ) : null}
        </Box>
        <TextInput name="note" label="Note" hint="How it was read: two fingers, centre back …" />
      </RecordForm>
    </Box>
  );
}
