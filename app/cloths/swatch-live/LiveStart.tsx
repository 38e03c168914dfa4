import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type FormEvent, useState } from "react";
import type { Cloth } from "../../../core/cloth/index.ts";
import { STAND_IN_CLOTHS } from "../../../core/gauge/index.ts";
import { CheckInput } from "../../form/CheckInput.tsx";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { PlainFields } from "../../form/FormFields.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import { type Fields, textsOf } from "../../form/unsaved.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import type { LiveSetup } from "./liveSteps.ts";
import { readSetup } from "./setupForm.ts";

interface LiveStartProps {
  readonly cloth: Cloth;
  readonly hasDevice: boolean;
  readonly onStart: (setup: LiveSetup) => void;
}

const SPEEDS = [
  { value: "1", label: "as it is" },
  { value: "10", label: "10 times" },
  { value: "60", label: "60 times, to practise" },
] as const;

const FORMS = [
  { value: "strip", label: "a strip" },
  { value: "loop", label: "sewn as a loop" },
] as const;

/** How the swatch is clamped, which loads follow one another, and which gauge reads it. */
export function LiveStart({ cloth, hasDevice, onStart }: LiveStartProps) {
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const [tried, setTried] = useState<Fields | null>(null);
  const width = cloth.kind === "elastic" && cloth.rollWidthMm !== null ? cloth.rollWidthMm : 50;
  const start = {
    width: String(width),
    gauge: "100",
    loads: cloth.kind === "elastic" ? "0.5, 1, 2, 3" : "1, 2, 3.5, 5, 7",
    speed: "10",
    back: "yes",
  };
  const sources = [
    ...(hasDevice ? [{ value: "device", label: "the gauge of the settings" }] : []),
    ...STAND_IN_CLOTHS.map(({ id, name }) => ({ value: id, label: `stand-in: ${name}` })),
  ];
  const begin = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = textsOf(new FormData(event.currentTarget));
    const read = readSetup(fields);
    if (read.ok) return onStart(read.value);
    setTried(fields);
    setErrors(read.errors);
  };
  return (
    <PlainFields key={JSON.stringify(errors)} values={tried ?? start} errors={errors}>
      <Box component="form" onSubmit={begin} sx={{ maxWidth: 760 }}>
        <ChoiceInput name="source" legend="Read by" choices={sources} />
        {hasDevice ? null : (
          <Box sx={{ mb: 2, color: "text.secondary" }}>
            No real gauge is named yet: <TextLink to="/settings">name one in the settings</TextLink>.
          </Box>
        )}
        <ChoiceInput name="form" legend="Clamped as" choices={FORMS} />
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2, maxWidth: 420 }}>
          <TextInput name="width" label="Width of the strip" numeric suffix="mm" />
          <TextInput name="gauge" label="Gauge at rest" numeric suffix="mm" />
        </Box>
        <TextInput name="loads" label="Loads" hint="In N, one after the other: 1, 2, 3.5, 5." suffix="N" />
        <CheckInput name="back">and the way back, load by load</CheckInput>
        <ChoiceInput name="speed" legend="Speed of the stand-in" choices={SPEEDS} />
        <Button type="submit" variant="contained">
          Clamp the swatch
        </Button>
      </Box>
    </PlainFields>
  );
}
