import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { type ClothKind, evaluateLadder, stepTension, tensionCurve } from "../../../core/cloth/index.ts";
import { practiceErrors, STAND_IN_CLOTHS, type StandInCloth, trueTension } from "../../../core/gauge/index.ts";
import { CurveChart } from "../../chart/charts.ts";
import { numbered } from "../../frame/numbered.ts";
import { percent } from "../../frame/units/percent.ts";
import { useClothSettings } from "../ClothSettingsContext.tsx";
import type { LiveSetup, LiveStep } from "./liveSteps.ts";

interface StepsTakenProps {
  readonly setup: LiveSetup;
  readonly steps: readonly LiveStep[];
  readonly afterMm: number | null;
  readonly kind: ClothKind;
}

/** The steps read so far; on the stand-in, how far each is from the truth, and at the end both curves. */
export function StepsTaken({ setup, steps, afterMm, kind }: StepsTakenProps) {
  const standIn = STAND_IN_CLOTHS.find(({ id }) => id === setup.source);
  const errors = standIn ? practiceErrors(standIn, setup, steps) : [];
  const finished = steps.length === setup.loadsN.length;
  return (
    <Box component="section" aria-label="Steps read">
      <Typography variant="h2" sx={{ mb: 1 }}>
        Steps read
      </Typography>
      {steps.length === 0 ? <Typography color="text.secondary">None yet. Hold the first load.</Typography> : null}
      <Box component="ol" sx={{ pl: 3, m: 0 }}>
        {numbered(steps).map(({ forceN, lengthMm, phase, number }) => (
          <li key={number}>
            <strong>{forceN.toFixed(2)} N</strong> at {lengthMm.toFixed(1)} mm, {stepTension(setup, forceN).toFixed(0)}{" "}
            N/m
            {phase === "unload" ? ", on the way back" : ""}
            {fromTruth(errors[number - 1])}
          </li>
        ))}
      </Box>
      {afterMm === null ? null : <Typography sx={{ mt: 1 }}>At rest: {afterMm.toFixed(1)} mm</Typography>}
      {finished && standIn ? <Compared standIn={standIn} setup={setup} steps={steps} kind={kind} /> : null}
    </Box>
  );
}

const fromTruth = (error: number | null | undefined): string =>
  typeof error === "number" ? `; ${percent(error)} from the true curve` : "";

function Compared({
  standIn,
  setup,
  steps,
  kind,
}: {
  standIn: StandInCloth;
  setup: LiveSetup;
  steps: readonly LiveStep[];
  kind: ClothKind;
}) {
  const settings = useClothSettings();
  const { form, widthMm, gaugeMm } = setup;
  const ladder = evaluateLadder({
    form,
    widthMm,
    gaugeMm,
    steps: steps.map((step) => ({ ...step, cycle: 1 })),
    afterMm: null,
    after30MinMm: null,
    neckIn: null,
  });
  if (!ladder.ok) return null;
  const strains = Array.from(
    { length: 25 },
    (_, index) => ((index + 1) / 25) * (Math.max(...steps.map(({ lengthMm }) => lengthMm)) / gaugeMm - 1),
  );
  const truth = tensionCurve(strains.map((strain) => [strain, trueTension(standIn, strain)]));
  return (
    <Box sx={{ mt: 2 }}>
      <CurveChart
        ladder={ladder.value}
        compare={truth}
        usable={null}
        referenceNPerM={settings.referenceNPerM[kind]}
        label="What was read beside the stand-in's true curve"
      />
    </Box>
  );
}
