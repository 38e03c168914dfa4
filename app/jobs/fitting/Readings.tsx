import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Form } from "react-router";
import { ZONE_NAMES, type Zone } from "../../../core/ease/index.ts";
import {
  type ClosurePull,
  explainPull,
  type Fitting,
  type NoPrediction,
  type Reading,
} from "../../../core/fitting/index.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { parseSmallLength, smallUnit } from "../../form/smallLength.ts";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { useFormUnit } from "../../frame/units/useFormUnit.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { draftNames } from "./draftNames.ts";
import { GaugeForce } from "./GaugeForce.tsx";
import { useSentForm } from "./useSentForm.ts";

/** A reading held against the plan, or why it cannot be. */
export interface HeldPull {
  readonly id: number;
  readonly pull: ClosurePull | NoPrediction;
}

interface ReadingsProps {
  readonly fitting: Fitting;
  readonly zones: readonly Zone[];
  readonly pulls: readonly HeldPull[];
  /** Tension in wear of the prototype, N/m, by zone; none where there is no curve. */
  readonly tensions: Readonly<Partial<Record<Zone, number>>>;
  readonly hasDevice: boolean;
  readonly draft: Fields | undefined;
  /** True where the prototype is closed. */
  readonly fixed: boolean;
  readonly onSend: (fields: Fields) => Promise<Unsaved | null>;
}

const KINDS = [
  { value: "lift", label: "lift: force off the body" },
  { value: "liftBy", label: "lift: how far off the body" },
  { value: "closure", label: "closure pull: edges just to meet" },
] as const;

/** Tension readings with a hand gauge: those taken, each against what was predicted, and a form for the next. */
export function Readings({ fitting, pulls, fixed, ...form }: ReadingsProps) {
  const [asked, setAsked] = useState(false);
  const open = !fixed && (asked || form.draft !== undefined);
  return (
    <Box component="section" aria-label="Tension readings" sx={{ mt: 4 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        Tension readings
      </Typography>
      {fitting.readings.map((reading) => (
        <ReadingRow
          key={reading.id}
          reading={reading}
          pull={pulls.find(({ id }) => id === reading.id)?.pull ?? "lift"}
          fittingId={fitting.id}
          fixed={fixed}
        />
      ))}
      {fitting.readings.length === 0 && !open ? (
        <Typography color="text.secondary" sx={{ mb: 1 }}>
          None yet. A closure pull is held against the plan and can calibrate it; a lift compares one prototype, or one
          side, with the next.
        </Typography>
      ) : null}
      {open ? (
        <ReadingForm key={fitting.readings.length} fittingId={fitting.id} {...form} onDone={() => setAsked(false)} />
      ) : fixed ? null : (
        <Button variant="outlined" onClick={() => setAsked(true)}>
          Take a reading
        </Button>
      )}
    </Box>
  );
}

const NO_PREDICTION: Readonly<Record<NoPrediction, string>> = {
  lift: "",
  noCurve: "not held against the plan: a layer has no load ladder",
  noGirth: "not held against the plan: the prototype has no such girth",
  slack: "not held against the plan: it hangs slack there",
};

interface ReadingRowProps {
  readonly reading: Reading;
  readonly pull: ClosurePull | NoPrediction;
  readonly fittingId: number;
  readonly fixed: boolean;
}

function ReadingRow({ reading, pull, fittingId, fixed }: ReadingRowProps) {
  const lengths = useLengths();
  const { id, zone, kind, side, newtons, heightMm, liftMm, note } = reading;
  return (
    <Form method="post">
      <input type="hidden" name="fitting" value={fittingId} />
      <input type="hidden" name="reading" value={id} />
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "baseline", flexWrap: "wrap" }}>
        <strong>{newtons === null ? lengths.amount(liftMm ?? 0) : `${Number(newtons.toFixed(2))} N`}</strong>
        <span>
          {kind === "lift" ? "lift" : "closure pull"} at the {ZONE_NAMES[zone].toLowerCase()}
          {side === "both" ? "" : `, ${side}`}
          {heightMm === null ? "" : `, over ${lengths.amount(heightMm)}`}
        </span>
        {typeof pull === "string" ? (
          <Box component="span" sx={{ color: "text.secondary" }}>
            {NO_PREDICTION[pull]}
          </Box>
        ) : (
          <span>
            predicted{" "}
            <Why label="Predicted closure pull" explain={() => explainPull(pull)}>
              <strong>{pull.predictedN.toFixed(2)} N</strong>
            </Why>
            , so {pull.k.toFixed(2)} of it{pull.beyondTest ? " (beyond what was tested)" : ""}
          </span>
        )}
        <Box sx={{ color: "text.secondary", flex: 1 }}>{note}</Box>
        {fixed ? null : (
          <Button size="small" type="submit" name="intent" value="remove-reading">
            Take off
          </Button>
        )}
      </Box>
    </Form>
  );
}

/** Longest height a closure is read over, mm. */
const TALLEST_MM = 1000;

/** Height times the tension there, N; null for a lift, and while the form does not say enough. */
function foreseenN({ kind, zone, height = "", unit }: Fields, tensions: ReadingsProps["tensions"]): number | null {
  const tension = tensions[zone as Zone];
  const read = parseSmallLength(height, unit === "in" ? "in" : "cm", TALLEST_MM);
  return kind === "closure" && tension !== undefined && tension > 0 && read.ok ? (read.value / 1000) * tension : null;
}

type ReadingFormProps = Pick<ReadingsProps, "zones" | "tensions" | "hasDevice" | "draft" | "onSend"> & {
  readonly fittingId: number;
  readonly onDone: () => void;
};

function ReadingForm({ fittingId, zones, tensions, hasDevice, draft, onSend, onDone }: ReadingFormProps) {
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
        <ChoiceInput
          name="side"
          legend="Side"
          choices={[
            { value: "both", label: "middle or both" },
            { value: "left", label: "wearer's left" },
            { value: "right", label: "wearer's right" },
          ]}
        />
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
