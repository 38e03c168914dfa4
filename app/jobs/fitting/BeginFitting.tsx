import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Fitting } from "../../../core/fitting/index.ts";
import { ChoiceInput } from "../../form/ChoiceInput.tsx";
import { DayInput } from "../../form/DayInput.tsx";
import { RecordForm } from "../../form/RecordForm.tsx";
import { TextInput } from "../../form/TextInput.tsx";
import type { Fields, Unsaved } from "../../form/unsaved.ts";
import { TextLink } from "../../frame/TextLink.tsx";
import { draftNames } from "./draftNames.ts";

interface BeginFittingProps {
  readonly prototypeId: number;
  readonly isForm: boolean;
  readonly today: string;
  readonly draft: Fields | undefined;
  readonly unsaved: Unsaved | undefined;
}

/** Begins a fitting: the day, who wears it, and what to watch for before anything is tried on. */
export function BeginFitting({ prototypeId, isForm, today, draft, unsaved }: BeginFittingProps) {
  return (
    <Box sx={{ maxWidth: 620 }}>
      <Alert severity="info" icon={false} sx={{ mb: 2.5 }}>
        Ask before touching; offer another person present. Mind the pins inside. Pain, numbness, tingling or
        breathlessness: take it off at once. <TextLink to="/care">More on care</TextLink>
      </Alert>
      <RecordForm
        draftForm={draftNames.begin(prototypeId)}
        draft={draft ?? null}
        start={{ fittedOn: today, on: isForm ? "form" : "wearer", way: "rightSideOut" }}
        unsaved={unsaved}
        hidden={{ intent: "begin" }}
        submitLabel="Begin the fitting"
      >
        <HeadFields />
      </RecordForm>
    </Box>
  );
}

interface ChangeHeadProps {
  readonly fitting: Fitting;
  readonly draft: Fields | undefined;
  readonly unsaved: Unsaved | undefined;
}

/** What was written down when the fitting began, to be put right. */
export function ChangeHead({ fitting, draft, unsaved }: ChangeHeadProps) {
  const [asked, setAsked] = useState(false);
  if (!asked && !draft && !unsaved) {
    return (
      <Button size="small" sx={{ mt: 3, ml: -1 }} onClick={() => setAsked(true)}>
        Change day, wearer or notes of this fitting
      </Button>
    );
  }
  const { fittedOn, on, way, over, notes } = fitting;
  return (
    <Box component="section" aria-label="Head of the fitting" sx={{ mt: 4 }}>
      <RecordForm
        key={fitting.version}
        draftForm={draftNames.head(fitting.id)}
        draft={draft ?? null}
        start={{ fittedOn, on, way, over, notes }}
        unsaved={unsaved}
        hidden={{ intent: "head", fitting: fitting.id, version: fitting.version }}
        submitLabel="Save the head"
        beside={<Button onClick={() => setAsked(false)}>Leave it</Button>}
        quiet
      >
        <HeadFields />
      </RecordForm>
    </Box>
  );
}

function HeadFields() {
  return (
    <>
      <ChoiceInput
        name="on"
        legend="Worn by"
        choices={[
          { value: "wearer", label: "the wearer" },
          { value: "form", label: "a dress form" },
        ]}
      />
      <Box sx={{ maxWidth: 220 }}>
        <DayInput name="fittedOn" label="Fitted on" />
      </Box>
      <ChoiceInput
        name="way"
        legend="Worn"
        choices={[
          { value: "rightSideOut", label: "right side out" },
          { value: "insideOut", label: "inside out, seams in sight" },
        ]}
      />
      <TextInput name="over" label="Over what" hint="Bare skin, thin tights, a band of her own …" />
      <TextInput name="notes" label="Notes" lines={3} hint="What to remember of this try-on." />
    </>
  );
}
