import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { type KeyboardEvent, useContext, useState } from "react";
import { ChoiceInput } from "../form/ChoiceInput.tsx";
import { echoForce, echoSwatchLength } from "../form/echo.ts";
import { FormState } from "../form/FormState.tsx";
import { TextInput } from "../form/TextInput.tsx";
import { type Fields, textsOf } from "../form/unsaved.ts";
import { upTo } from "../frame/numbered.ts";
import { MOST_STEPS, stepFields } from "./ladderFields.ts";

const FORMS = [
  { value: "strip", label: "a strip" },
  { value: "loop", label: "sewn as a loop" },
] as const;

/** Rows that stand ready. */
const FIRST_ROWS = 6;

/** The table of a load ladder: one row a load, Enter goes down the column; more rows as they are needed. */
export function LadderFields({ onTexts }: { onTexts: (texts: Fields) => void }) {
  const { values } = useContext(FormState);
  const filled = Array.from({ length: MOST_STEPS }, (_, index) => index + 1).filter(
    (step) => values[stepFields(step).force],
  ).length;
  const [rows, setRows] = useState(Math.max(FIRST_ROWS, filled));
  const [cycles, setCycles] = useState(
    Array.from({ length: rows }, (_, index) => values[stepFields(index + 1).cycle]).some(
      (cycle) => cycle === "2" || cycle === "3",
    ),
  );
  return (
    <Box onInput={(event) => tell(event.currentTarget, onTexts)} onKeyDown={goDown}>
      <ChoiceInput name="ladder.form" legend="Clamped as" choices={FORMS} />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2, maxWidth: 420 }}>
        <TextInput name="ladder.width" label="Width of the strip" numeric suffix="mm" />
        <TextInput name="ladder.gauge" label="Gauge at rest" numeric suffix="mm" />
      </Box>
      <Box
        role="group"
        aria-label="Steps of the ladder"
        sx={{
          display: "grid",
          gridTemplateColumns: `28px 1fr 1fr 150px${cycles ? " 90px" : ""}`,
          gap: 1,
          alignItems: "start",
        }}
      >
        {upTo(rows).map((step) => (
          <StepRow key={step} step={step} withCycle={cycles} values={values} />
        ))}
      </Box>
      <Box sx={{ display: "flex", gap: 1, my: 1, flexWrap: "wrap" }}>
        {rows < MOST_STEPS ? <Button onClick={() => setRows(rows + 4)}>More steps</Button> : null}
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

function StepRow({ step, withCycle, values }: { step: number; withCycle: boolean; values: Fields }) {
  const names = stepFields(step);
  return (
    <>
      <Box sx={{ pt: 1.25, color: "text.secondary" }}>{step}</Box>
      <TextInput name={names.force} label={`Load ${step}, N`} hint="" numeric column="force" echo={echoForce} />
      <TextInput
        name={names.length}
        label={`Gauge ${step}, mm`}
        hint=""
        numeric
        column="length"
        echo={echoSwatchLength}
      />
      <TextField
        select
        id={`field-${names.phase}`}
        name={names.phase}
        label={`Way ${step}`}
        defaultValue={values[names.phase] || "load"}
      >
        <MenuItem value="load">loading</MenuItem>
        <MenuItem value="unload">on the way back</MenuItem>
      </TextField>
      {withCycle ? (
        <TextField
          select
          id={`field-${names.cycle}`}
          name={names.cycle}
          label={`Cycle ${step}`}
          defaultValue={values[names.cycle] || "1"}
        >
          {["1", "2", "3"].map((cycle) => (
            <MenuItem key={cycle} value={cycle}>
              {cycle}
            </MenuItem>
          ))}
        </TextField>
      ) : null}
    </>
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
