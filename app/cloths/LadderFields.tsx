import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { type KeyboardEvent, type ReactNode, useContext, useState } from "react";
import { ChoiceInput } from "../form/ChoiceInput.tsx";
import { echoForce, echoSwatchLength } from "../form/echo.ts";
import { FieldError } from "../form/FieldError.tsx";
import { FormState } from "../form/FormState.tsx";
import { PickInput } from "../form/PickInput.tsx";
import { AddRow } from "../form/rows/AddRow.tsx";
import { SortableRow } from "../form/rows/SortableRow.tsx";
import { SortableRows } from "../form/rows/SortableRows.tsx";
import { useRows } from "../form/rows/useRows.ts";
import { TextInput } from "../form/TextInput.tsx";
import { type Fields, textsOf } from "../form/unsaved.ts";
import { MOST_STEPS, STEPS, stepFields } from "./ladderForm.ts";

const FORMS = [
  { value: "strip", label: "a strip" },
  { value: "loop", label: "sewn as a loop" },
] as const;

const WAYS = [
  { value: "load", label: "loading" },
  { value: "unload", label: "on the way back" },
] as const;

/** The table of a load ladder: one row a load, Enter goes down the column; more rows as they are needed. */
export function LadderFields({ onTexts }: { onTexts: (texts: Fields) => void }) {
  const list = useRows(STEPS);
  const { values } = useContext(FormState);
  const [cycles, setCycles] = useState(
    list.rows.some(({ index }) => ["2", "3"].includes(values[stepFields(index).cycle] ?? "")),
  );
  return (
    <Box onInput={(event) => tell(event.currentTarget, onTexts)} onKeyDown={goDown}>
      <ChoiceInput name="ladder.form" legend="Clamped as" choices={FORMS} />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2, maxWidth: 420 }}>
        <TextInput name="ladder.width" label="Width of the strip" numeric suffix="mm" />
        <TextInput name="ladder.gauge" label="Gauge at rest" numeric suffix="mm" />
      </Box>
      <Box role="group" aria-label="Steps of the ladder">
        <SortableRows {...list} what="step">
          {list.rows.map((row) => (
            <SortableRow key={row.key} list={list} row={row} label={`step ${row.index + 1}`}>
              {(tools) => <StepRow index={row.index} withCycle={cycles} {...tools} />}
            </SortableRow>
          ))}
        </SortableRows>
      </Box>
      <FieldError name={STEPS} />
      <Box sx={{ display: "flex", gap: 1, my: 1, flexWrap: "wrap" }}>
        {list.rows.length < MOST_STEPS ? <AddRow list={list}>Another step</AddRow> : null}
        {cycles ? null : <Button onClick={() => setCycles(true)}>Several cycles</Button>}
      </Box>
      <Typography color="text.secondary" sx={{ mb: 2, fontSize: "0.9rem" }}>
        Hold each load 30 s, then read the gauge. The last cycle counts. A bare number is in newtons; a weight is
        written with its unit, 200 g: what was understood stands below the field.
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2, maxWidth: 420 }}>
        <TextInput name="ladder.after" label="Gauge after 60 s" hint="Unloaded, at rest." numeric suffix="mm" />
        <TextInput name="ladder.after30" label="After 30 min" hint="If you waited." numeric suffix="mm" />
      </Box>
      <Box component="details" open={Boolean(values["neck.rest"])}>
        <Box component="summary" sx={{ cursor: "pointer", fontWeight: 650, py: 1 }}>
          How much narrower it grew
        </Box>
        <Box sx={{ display: "grid", gridTemplateColumns: "repeat(3, 1fr)", gap: 2 }}>
          <TextInput name="neck.rest" label="Width at rest" numeric suffix="mm" />
          <TextInput name="neck.stretched" label="Width, pulled" numeric suffix="mm" />
          <TextInput name="neck.at" label="At a gauge of" numeric suffix="mm" />
        </Box>
      </Box>
    </Box>
  );
}

function StepRow({
  index,
  withCycle,
  handle,
  out,
}: {
  index: number;
  withCycle: boolean;
  handle: ReactNode;
  out: ReactNode;
}) {
  const names = stepFields(index);
  const step = index + 1;
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: `auto 1fr 1fr 140px${withCycle ? " 84px" : ""} auto`,
        gap: 1,
        alignItems: "start",
      }}
    >
      <Box sx={{ pt: 0.75 }}>{handle}</Box>
      <TextInput name={names.force} label={`Load ${step}, N`} hint="" numeric column="force" echo={echoForce} />
      <TextInput
        name={names.length}
        label={`Gauge ${step}, mm`}
        hint=""
        numeric
        column="length"
        echo={echoSwatchLength}
      />
      <PickInput name={names.phase} label={`Way ${step}`} choices={WAYS} first="load" />
      {withCycle ? <PickInput name={names.cycle} label={`Cycle ${step}`} choices={["1", "2", "3"]} first="1" /> : null}
      <Box sx={{ pt: 0.75 }}>{out}</Box>
    </Box>
  );
}

/** Tells all texts of the form the fields stand in, for the curve that is drawn as it is typed. */
function tell(element: HTMLElement, onTexts: (texts: Fields) => void): void {
  const form = element.closest("form");
  if (form) onTexts(textsOf(new FormData(form)));
}

/** Enter goes from load to gauge to the next load. */
function goDown(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== "Enter" || !(event.target instanceof HTMLInputElement) || !event.target.dataset.column) return;
  event.preventDefault();
  const fields = [...event.currentTarget.querySelectorAll<HTMLInputElement>("input[data-column]")];
  fields[fields.indexOf(event.target) + 1]?.focus();
}
