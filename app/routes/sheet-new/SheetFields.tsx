import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { type KeyboardEvent, useContext, useMemo, useState } from "react";
import { CATALOGUE, nameOf, sidesOf } from "../../../core/body/catalogue.ts";
import { checkSheet } from "../../../core/body/checks/index.ts";
import type { MeasureCode, Side } from "../../../core/body/measure.ts";
import { CheckList } from "../../components/body/CheckList.tsx";
import { TapeFigure } from "../../components/figure/Tape.tsx";
import { ChoiceInput } from "../../components/forms/ChoiceInput.tsx";
import { FormState } from "../../components/forms/FormState.tsx";
import { TextInput } from "../../components/forms/TextInput.tsx";
import { measureField, readMeasures } from "../../forms/measureFields.ts";
import { HowTo } from "./HowTo.tsx";
import { MeasureInput } from "./MeasureInput.tsx";

/** A measure in one side, as a field of the sheet. */
export interface SheetPlace {
  readonly code: MeasureCode;
  readonly side: Side;
}

/** The fields of a sheet in measuring order, with the tape on the figure and the checks as they are typed. */
export function SheetFields({ needed }: { needed: readonly MeasureCode[] }) {
  const { values: start, errors } = useContext(FormState);
  const [texts, setTexts] = useState<Record<string, string>>(() => ({ ...start }));
  const [unit, setUnit] = useState<"cm" | "in">(start.unit === "in" ? "in" : "cm");
  const [lit, setLit] = useState<SheetPlace | null>(null);
  const places = useMemo(() => placesOf(needed), [needed]);
  const read = readMeasures(texts, unit);
  const findings = checkSheet({ values: read.values, unit });
  const put = (name: string, text: string) => setTexts((before) => ({ ...before, [name]: text }));
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: { xs: "1fr", md: "minmax(330px, 1fr) minmax(300px, 0.9fr)" },
        gap: 4,
      }}
    >
      <Box>
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 2 }}>
          <TextInput name="takenOn" label="Measured on" type="date" />
          <TextInput name="measuredBy" label="Measured by" />
          <ChoiceInput
            name="unit"
            legend="A bare number is in"
            choices={[
              { value: "cm", label: "cm" },
              { value: "in", label: "inches" },
            ]}
            onChange={(value) => setUnit(value === "in" ? "in" : "cm")}
          />
          <ChoiceInput
            name="tape"
            legend="The tape lies"
            choices={[
              { value: "snug", label: "snug" },
              { value: "finger", label: "one finger under" },
            ]}
          />
        </Box>
        <Box onKeyDown={goOnWithEnter}>
          {places.map((place) => {
            const name = measureField(place.code, place.side);
            return (
              <MeasureInput
                key={name}
                place={place}
                name={name}
                unit={unit}
                text={texts[name] ?? ""}
                error={errors[name] !== undefined && start[name] === texts[name] ? errors[name] : undefined}
                findings={findings.filter((finding) => finding.code === place.code && finding.side === place.side)}
                onText={(text) => put(name, text)}
                onFocus={() => setLit(place)}
              />
            );
          })}
        </Box>
        <TextInput name="notes" label="Notes" lines={2} hint="What was worn under the tape, anything unusual." />
      </Box>
      <Box sx={{ position: { md: "sticky" }, top: 12, alignSelf: "start", order: { xs: -1, md: 0 } }}>
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", maxWidth: 480, mx: "auto" }}>
          {(["front", "back"] as const).map((view) => (
            <Box key={view}>
              <TapeFigure view={view} lit={lit ? { ...lit, name: nameOf(lit.code, lit.side) } : null} />
              <Typography align="center" color="text.secondary" sx={{ fontSize: "0.85rem" }}>
                {view}
              </Typography>
            </Box>
          ))}
        </Box>
        <HowTo place={lit} />
        <CheckList
          findings={findings}
          onRepair={(repair, text) => put(measureField(repair.code, repair.side), text)}
          unit={unit}
        />
      </Box>
    </Box>
  );
}

function placesOf(needed: readonly MeasureCode[]): SheetPlace[] {
  return CATALOGUE.filter(({ code }) => needed.includes(code))
    .toSorted((a, b) => a.order - b.order)
    .flatMap((measure) => sidesOf(measure).map((side) => ({ code: measure.code, side })));
}

/** Enter goes on to the next measure instead of saving a sheet that is half-filled. */
function goOnWithEnter(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== "Enter" || !(event.target instanceof HTMLInputElement)) return;
  event.preventDefault();
  const fields = [...event.currentTarget.querySelectorAll<HTMLInputElement>("input[data-measure]")];
  const next = fields[fields.indexOf(event.target) + 1];
  if (next) next.focus();
  else event.target.form?.querySelector<HTMLElement>("button[type=submit]")?.focus();
}
