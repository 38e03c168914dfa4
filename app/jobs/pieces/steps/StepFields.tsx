import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { type SyntheticEvent, useState } from "react";
import { Form, useNavigation } from "react-router";
import { type Draft, operate, saidAlone } from "../../../../core/drafting/index.ts";
import type { FinishSettings } from "../../../../core/edges/index.ts";
import type { PiecesId } from "../../../../core/pieces/index.ts";
import { smallUnit } from "../../../../core/units/index.ts";
import { PlainFields } from "../../../form/FormFields.tsx";
import { PickInput } from "../../../form/PickInput.tsx";
import { TextInput } from "../../../form/TextInput.tsx";
import { type Fields, textsOf, type Unsaved } from "../../../form/unsaved.ts";
import { Sentences } from "../../../frame/Sentences.tsx";
import { useLengths } from "../../../frame/units/UnitContext.tsx";
import { useFormUnit } from "../../../frame/units/useFormUnit.ts";
import { StepEffect } from "../../../pieces/StepList.tsx";
import { callTyped } from "./callTyped.ts";
import { edgeChoices, type StepField, type StepForm } from "./stepForm.ts";

interface StepFieldsProps {
  readonly form: StepForm;
  readonly id: PiecesId;
  readonly draft: Draft;
  readonly version: number;
  readonly habits: FinishSettings;
  readonly unsaved: Unsaved | undefined;
}

/** The form of one step, folded away until it is wanted; what it would do is told while it is typed. */
export function StepFields({ form, id, draft, version, habits, unsaved }: StepFieldsProps) {
  const busy = useNavigation().state !== "idle";
  const unit = useFormUnit(unsaved?.fields);
  const [typed, setTyped] = useState<Fields>(unsaved?.fields ?? {});
  const look = ({ target }: SyntheticEvent<HTMLElement>) => {
    const { form: own } = target as HTMLInputElement;
    if (own) setTyped(textsOf(new FormData(own)));
  };
  const call = callTyped(form, typed, unit, habits);
  const lengths = useLengths();
  const follows = call ? (form.follows?.(call, draft) ?? []) : [];
  return (
    <Paper
      component="details"
      open={unsaved !== undefined}
      sx={{ mb: 1, px: 2, py: 1.25, "& > summary": { fontWeight: 650, cursor: "pointer" } }}
    >
      <summary>{form.title}</summary>
      <Box sx={{ pt: 1.5 }}>
        <Typography sx={{ mb: 2, maxWidth: 720, color: "text.secondary" }}>{form.about}</Typography>
        <PlainFields {...(unsaved ? { values: unsaved.fields, errors: unsaved.errors } : {})}>
          <Form method="post" onChange={look} preventScrollReset>
            <input type="hidden" name="intent" value="step" />
            <input type="hidden" name="step" value={form.id} />
            <input type="hidden" name="of" value={id} />
            <input type="hidden" name="version" value={version} />
            <input type="hidden" name="unit" value={unit} />
            <Box
              sx={{
                display: "grid",
                columnGap: 1.5,
                gridTemplateColumns: { xs: "minmax(0, 1fr)", sm: "repeat(auto-fill, minmax(230px, 1fr))" },
              }}
            >
              {form.fields.map((field) => (
                <OneField key={field.name} field={field} draft={draft} suffix={smallUnit(unit)} />
              ))}
            </Box>
            <Box aria-live="polite" sx={{ mb: 1.5 }}>
              {call ? <Foreseen draft={draft} call={call} /> : null}
              <Sentences label="What follows" items={follows.map(lengths.told)} />
            </Box>
            <Button type="submit" variant="outlined" disabled={busy}>
              {form.does}
            </Button>
          </Form>
        </PlainFields>
      </Box>
    </Paper>
  );
}

function OneField({ field, draft, suffix }: { field: StepField; draft: Draft; suffix: string }) {
  const lengths = useLengths();
  const { name, label } = field;
  if (field.as === "length")
    return (
      <TextInput
        {...{ name, label: `${label}, ${suffix}`, shrink: true }}
        {...(field.hint ? { hint: lengths.told(field.hint) } : {})}
      />
    );
  if (field.as === "choice")
    return <PickInput name={name} label={label} choices={[{ value: "", label: "—" }, ...field.choices]} first="" />;
  const choices = edgeChoices(draft, field).map(({ value, name: edge, mm }) => ({
    value,
    label: `${edge}, ${lengths.length(mm)}`,
  }));
  // Nothing is chosen for the maker: an edge that was not named is asked for.
  return <PickInput name={name} label={label} choices={[{ value: "", label: "—" }, ...choices]} first="" />;
}

/** What a step would change, before it is drawn. */
function Foreseen({ draft, call }: { draft: Draft; call: Parameters<typeof operate>[1][number] }) {
  const done = operate(draft, [call]);
  const reports = done.ok ? done.value.reports : [];
  const instead = done.ok ? "" : `Not drawn. ${saidAlone(done.problem.message)}`;
  return <StepEffect step={{ calls: [call], reports, instead }} />;
}
