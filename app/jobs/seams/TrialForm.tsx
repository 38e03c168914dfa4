import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { type SyntheticEvent, useState } from "react";
import { capital } from "../../../core/capital.ts";
import { DIRECTIONS } from "../../../core/cloth/index.ts";
import {
  GAVE,
  GAVE_WORDS,
  isPosition,
  LOOK_WORDS,
  LOOKS,
  NEEDLE_KINDS,
  NEEDLE_SIZES,
  POSITION_NAMES,
  STITCHES,
  simulatedBreak,
  stitchOf,
  THREADS,
  type ThreadId,
} from "../../../core/seams/index.ts";
import { CheckInput } from "../../form/CheckInput.tsx";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { DayInput } from "../../form/DayInput.tsx";
import { PickInput } from "../../form/PickInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { type Fields, textsOf, type Unsaved } from "../../form/unsaved.ts";
import { GaugePull } from "./GaugePull.tsx";
import { threadField, typedMm } from "./trialFields.ts";
import { ZigzagEstimate } from "./ZigzagEstimate.tsx";

interface TrialFormProps {
  readonly draftForm: string;
  readonly draft: Fields | null;
  readonly start: Fields;
  readonly unsaved: Unsaved | undefined;
  readonly machines: readonly string[];
  readonly hasDevice: boolean;
  /** Of all seams of the job, ratio; null while it is not known. */
  readonly needed: number | null;
}

const THREAD_CHOICES = THREADS.map(({ id, name }) => ({ value: id, label: name }));
const STITCH_CHOICES = STITCHES.map(({ id, name }) => ({ value: id, label: `${id} ${name}` }));

/** A scrap that was sewn and pulled: how, how far, what gave. */
export function TrialForm({ draftForm, draft, start, unsaved, machines, hasDevice, needed }: TrialFormProps) {
  const begun = unsaved?.fields ?? draft ?? start;
  const [typed, setTyped] = useState<Fields>(begun);
  const look = ({ target }: SyntheticEvent<HTMLElement>) => {
    const { form } = target as HTMLInputElement;
    if (form) setTyped(textsOf(new FormData(form)));
  };
  const stitch = stitchOf(STITCHES.find(({ id }) => id === typed.stitch)?.id ?? "514");
  return (
    <Box onInput={look}>
      <RecordForm
        draftForm={draftForm}
        draft={draft}
        start={start}
        unsaved={unsaved}
        hidden={{ intent: "trial" }}
        submitLabel="Keep the trial"
      >
        <Box sx={{ ...gridStyle, gridTemplateColumns: "repeat(auto-fill, minmax(260px, 1fr))" }}>
          <PickInput name="machine" label="Machine" first="" choices={[{ value: "", label: "choose" }, ...machines]} />
          <DayInput name="on" label="Sewn on" />
        </Box>
        <ChoiceInput name="stitch" legend="Stitch (ISO 4915)" choices={STITCH_CHOICES} />
        <Box sx={gridStyle}>
          <PickInput name="needleKind" label="Needle" choices={NEEDLE_KINDS} first="stretch" />
          <PickInput name="needleSize" label="Size" choices={NEEDLE_SIZES.map(String)} first="75" />
          <TextInput name="stitchLength" label="Stitch length" suffix="mm" numeric hint={lengthHint(stitch.steps)} />
          {stitch.widthMm ? (
            <TextInput
              name="width"
              label="Width"
              suffix="mm"
              numeric
              hint={`${stitch.widthMm[0]} to ${stitch.widthMm[1]} mm.`}
            />
          ) : null}
          {stitch.differential ? (
            <TextInput name="differential" label="Differential" numeric hint="1 is neutral; empty: it has none." />
          ) : null}
          <TextInput name="foot" label="Presser foot" hint="Which, or its pressure." />
        </Box>
        <Typography variant="h3" sx={{ mb: 1 }}>
          Threads
        </Typography>
        <Box sx={{ ...gridStyle, columnGap: 3, gridTemplateColumns: "repeat(auto-fill, minmax(300px, 1fr))" }}>
          {stitch.positions.map((position) => (
            <Box key={position} sx={{ display: "grid", columnGap: 1, gridTemplateColumns: "minmax(0, 1fr) 96px" }}>
              <PickInput
                name={threadField(position, "kind")}
                label={capital(POSITION_NAMES[position])}
                choices={THREAD_CHOICES}
                first="spun"
              />
              <TextInput name={threadField(position, "tension")} label="Dial" numeric shrink />
            </Box>
          ))}
        </Box>
        {stitch.steps === null ? null : <ZigzagEstimate typed={typed} steps={stitch.steps} needed={needed} />}
        <Box sx={gridStyle}>
          <TextInput name="layers" label="Layers sewn through" numeric />
          <PickInput name="direction" label="Direction of the seam" choices={DIRECTIONS} first="along" />
        </Box>
        <CheckInput name="fedStretched">Fed slightly stretched</CheckInput>
        <Typography variant="h3" sx={{ mb: 1 }}>
          Pulled
        </Typography>
        <GaugePull hasDevice={hasDevice} breaks={() => madeUp(typed)} />
        <Box sx={gridStyle}>
          <TextInput name="gauge" label="Marked at rest" suffix="mm" numeric />
          <TextInput
            name="length"
            label="Went to"
            suffix="mm"
            numeric
            hint="Where the first stitch broke, or the cloth would go no further."
          />
          <TextInput name="rest" label="After 60 s" suffix="mm" numeric />
        </Box>
        <ChoiceInput
          name="gave"
          legend="What gave"
          unpicked
          choices={GAVE.filter((one) => !isPosition(one) || stitch.positions.includes(one)).map((value) => ({
            value,
            label: GAVE_WORDS[value],
          }))}
        />
        <ChoiceInput
          name="look"
          legend="How it looks"
          unpicked
          choices={LOOKS.map((value) => ({ value, label: LOOK_WORDS[value] }))}
        />
        <TextInput name="notes" label="Notes" lines={2} />
      </RecordForm>
    </Box>
  );
}

const lengthHint = (steps: number | null): string | undefined =>
  steps === null ? undefined : "Along the seam, for each step of the needle.";

/** What the stand-in pulls: a seam sewn as it is typed; null while too little is. */
function madeUp(typed: Fields): { strain: number; gaugeMm: number } | null {
  const [lengthMm, gaugeMm] = [typedMm(typed.stitchLength), typedMm(typed.gauge)];
  if (lengthMm === null || gaugeMm === null) return null;
  const { positions } = stitchOf(STITCHES.find(({ id }) => id === typed.stitch)?.id ?? "514");
  const threads = positions.map((position) => ({
    position,
    kind: (THREADS.find(({ id }) => id === typed[threadField(position, "kind")])?.id ?? "spun") as ThreadId,
    tension: typedMm(typed[threadField(position, "tension")]),
  }));
  return {
    strain: simulatedBreak({ threads, dialBase: 4, lengthMm, fedStretched: typed.fedStretched === "yes" }),
    gaugeMm,
  };
}

const gridStyle = {
  display: "grid",
  columnGap: 1.5,
  alignItems: "start",
  gridTemplateColumns: "repeat(auto-fill, minmax(170px, 1fr))",
} as const;
