import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Paper from "@mui/material/Paper";
import Slider from "@mui/material/Slider";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Form } from "react-router";
import {
  bandWords,
  farFromBody,
  roundGirth,
  stretchStepOf,
  WHAT_IF_NUMBERS,
  type WhatIfAnswer,
  type WhatIfNumber,
  type WhatIfZone,
  whatIf,
  ZONE_NAMES,
} from "../../../core/ease/index.ts";
import { type LengthUnit, parseLength } from "../../../core/units/index.ts";
import { StretchMark } from "../../figure/stretch/StretchMark.tsx";
import { type LengthWriter, useLengths } from "../../frame/units/UnitContext.tsx";
import { PressureMark } from "./PressureMark.tsx";
import { ZoneFields } from "./ZoneFields.tsx";

interface WhatIfProps {
  readonly zone: WhatIfZone;
  /** Girth to start from, mm. */
  readonly startMm: number;
  readonly version: number;
}

/** What the maker fixed last: the number, and the text where it was typed. */
interface Fixed {
  readonly number: WhatIfNumber;
  readonly value: number;
  readonly text: string | null;
  readonly error: string | null;
}

const NAMES: Readonly<Record<WhatIfNumber, string>> = {
  garment: "Garment",
  strain: "Strain",
  share: "Share of stretch",
  tension: "Tension",
  pressure: "Pressure",
};

/**
 * Tries a zone: type one of five numbers, or drag the girth, and the other four follow at once. Nothing is saved until
 * it is said.
 */
export function WhatIf({ zone, startMm, version }: WhatIfProps) {
  const lengths = useLengths();
  const [fixed, setFixed] = useState<Fixed>({ number: "garment", value: startMm, text: null, error: null });
  const answered = whatIf(fixed.number, fixed.value, zone);
  // A number that cannot be leaves the last one that could in view.
  const [last, setLast] = useState<WhatIfAnswer | null>(answered.ok ? answered.value : null);
  const answer = answered.ok ? answered.value : last;
  const type = (number: WhatIfNumber, text: string) => {
    const read = readNumber(number, text, lengths.unit);
    if (read === null) {
      setFixed({ ...fixed, number, text, error: `Expected ${EXAMPLES[number]}, but got “${text.slice(0, 30)}”.` });
      return;
    }
    const next = whatIf(number, read, zone);
    if (next.ok) setLast(next.value);
    setFixed({ number, value: read, text, error: next.ok ? null : next.problem.message });
  };
  const drag = (garmentMm: number) => {
    const next = whatIf("garment", garmentMm, zone);
    if (next.ok) setLast(next.value);
    setFixed({ number: "garment", value: garmentMm, text: null, error: null });
  };
  const asked = answer && farFromBody(answer.garmentMm, zone.bodyMm, lengths.length);
  const numbers = zone.wear
    ? WHAT_IF_NUMBERS
    : WHAT_IF_NUMBERS.filter((one) => one !== "tension" && one !== "pressure");
  const name = ZONE_NAMES[zone.zone].toLowerCase();
  return (
    <Paper component="section" aria-label={`What if, at the ${name}`} sx={{ p: 2 }} className="no-print">
      <Typography variant="h3">What if</Typography>
      <Typography sx={{ color: "text.secondary", fontSize: "0.9rem", mb: 1.5 }}>
        Type one of them, or drag; the others follow, by the formulas of the table above. Nothing is saved until you say
        so.
      </Typography>
      <Box sx={{ px: 1 }}>
        <Slider
          aria-label={`Garment girth at the ${name}`}
          value={answer?.garmentMm ?? startMm}
          min={Math.round(zone.bodyMm / (1 + Math.max(zone.usable, 0.05) * 1.2))}
          max={Math.round(zone.bodyMm * 1.08)}
          step={1}
          valueLabelDisplay="auto"
          valueLabelFormat={(mm) => lengths.length(mm)}
          onChange={(_event, value) => drag(value as number)}
        />
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fit, minmax(118px, 1fr))", gap: 1, mt: 1 }}>
        {numbers.map((number) => (
          <TextField
            key={number}
            id={`what-if-${number}`}
            label={NAMES[number]}
            value={
              fixed.number === number && fixed.text !== null ? fixed.text : answer ? shown(number, answer, lengths) : ""
            }
            error={fixed.number === number && fixed.error !== null}
            helperText={fixed.number === number ? (fixed.error ?? asked) : null}
            autoComplete="off"
            onChange={(event) => type(number, event.target.value)}
            slotProps={{
              htmlInput: { inputMode: "decimal" },
              input: { endAdornment: <span>{UNITS[number] ?? lengths.unit}</span> },
            }}
          />
        ))}
      </Box>
      {answer && !fixed.error ? <Outcome answer={answer} zone={zone} version={version} /> : null}
    </Paper>
  );
}

const UNITS: Readonly<Partial<Record<WhatIfNumber, string>>> = {
  strain: "%",
  share: "%",
  tension: "N/m",
  pressure: "kPa",
};

const EXAMPLES: Readonly<Record<WhatIfNumber, string>> = {
  garment: "a girth such as 65.3 cm or 25 3/4 in",
  strain: "a strain in per cent, such as 18",
  share: "a share in per cent, such as 25",
  tension: "a tension in N/m, such as 20",
  pressure: "a pressure in kPa, such as 0.8",
};

function readNumber(number: WhatIfNumber, text: string, unit: LengthUnit): number | null {
  if (number === "garment") {
    const length = parseLength(text, unit);
    return length.ok ? length.value : null;
  }
  if (!/^\s*[-−]?\d+([.,]\d*)?\s*$/.test(text)) return null;
  const value = Number(text.replace(",", ".").replace("−", "-"));
  return number === "strain" || number === "share" ? value / 100 : value;
}

function shown(number: WhatIfNumber, { garmentMm, strain, share, pull }: WhatIfAnswer, lengths: LengthWriter): string {
  switch (number) {
    case "garment":
      return lengths.bare(garmentMm);
    case "strain":
      return (strain * 100).toFixed(1);
    case "share":
      return share === null ? "" : (share * 100).toFixed(1);
    case "tension":
      return pull ? pull.tensionNPerM.toFixed(1) : "";
    case "pressure":
      return pull ? pull.pressureKpa.toFixed(2) : "";
  }
}

const REACH_WORDS = { within: "", nearLimit: "near the limit of the cloth", willNotReach: "more than the cloth gives" };

function Outcome({ answer, zone, version }: { answer: WhatIfAnswer; zone: WhatIfZone; version: number }) {
  const lengths = useLengths();
  const { garmentMm, strain, share, pull, reach } = answer;
  const cutMm = roundGirth(garmentMm);
  const care = pull && (pull.band === "firm" || pull.band === "stop") ? bandWords(pull.band).care : null;
  return (
    <Box sx={{ mt: 1.5 }} aria-live="polite">
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap", mb: 1 }}>
        <StretchMark step={stretchStepOf(share, strain)} withWord />
        {pull ? <PressureMark band={pull.band} withWord /> : null}
        {reach === "within" ? null : <Box sx={{ color: "warning.main", fontWeight: 650 }}>{REACH_WORDS[reach]}</Box>}
        {pull?.beyondTest ? <Box sx={{ color: "warning.main" }}>beyond the test</Box> : null}
      </Box>
      {care ? <Typography sx={{ color: "warning.main", mb: 1, fontSize: "0.9rem" }}>{care}</Typography> : null}
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <Form method="post" preventScrollReset>
          <ZoneFields zone={zone.zone} version={version} />
          <input type="hidden" name="garmentMm" value={cutMm} />
          <Button type="submit" name="by" value="own" variant="outlined">
            Cut {lengths.length(cutMm)} here
          </Button>
        </Form>
        {pull && pull.tensionNPerM > 0 ? (
          <Form method="post" preventScrollReset>
            <ZoneFields zone={zone.zone} version={version} intent="pressure" />
            <Button type="submit" name="kpa" value={pull.pressureKpa}>
              Aim for {pull.pressureKpa.toFixed(2)} kPa
            </Button>
          </Form>
        ) : null}
      </Box>
    </Box>
  );
}
