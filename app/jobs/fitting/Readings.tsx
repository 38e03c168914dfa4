import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useState } from "react";
import { Form } from "react-router";
import { ZONE_NAMES } from "../../../core/ease/index.ts";
import { type ClosurePull, explainPull, type NoPrediction, type Reading } from "../../../core/fitting/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { ReadingForm } from "./ReadingForm.tsx";
import type { ReadingsProps } from "./readingKinds.ts";

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
