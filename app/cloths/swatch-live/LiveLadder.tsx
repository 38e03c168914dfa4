import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import type { Cloth } from "../../../core/cloth/index.ts";
import { HOLD_S, RAMP_S, takeReading } from "../../../core/gauge/index.ts";
import { LiveChart } from "../../chart/charts.ts";
import { keepDraft } from "../../form/keepDraft.ts";
import type { Fields } from "../../form/unsaved.ts";
import { SideBySide } from "../../frame/SideBySide.tsx";
import { useGaugeStream } from "../gauge/useGaugeStream.ts";
import { ladderDraft } from "../ladderForm.ts";
import { type LiveSetup, type LiveStep, stepsAsFields, streamAddress } from "./liveSteps.ts";
import { StepsTaken } from "./StepsTaken.tsx";

interface LiveLadderProps {
  readonly cloth: Pick<Cloth, "id" | "kind">;
  /** Today as an ISO date. */
  readonly today: string;
  readonly setup: LiveSetup;
  readonly onAgain: () => void;
}

/** One ladder, load after load: pull, hold with a countdown, the reading is taken, the next load. */
export function LiveLadder({ cloth, today, setup, onAgain }: LiveLadderProps) {
  const [steps, setSteps] = useState<readonly LiveStep[]>([]);
  const [afterMm, setAfterMm] = useState<number | null>(null);
  const [heldFrom, setHeldFrom] = useState<number | null>(null);
  const gauge = useGaugeStream();
  const navigate = useNavigate();
  const isDevice = setup.source === "device";
  const next = steps.length;
  const load = setup.loadsN[next];
  const resting = load === undefined && afterMm === null;
  const now = gauge.readings.at(-1)?.t ?? 0;
  const left = heldFrom === null ? null : Math.max(0, HOLD_S - (now - heldFrom));
  const hold = () => {
    gauge.start(streamAddress(setup, next));
    setHeldFrom(isDevice ? 0 : RAMP_S);
  };
  useEffect(() => {
    if (heldFrom === null || left === null) return;
    if (left > 0 && gauge.state !== "done") return;
    const taken = takeReading(gauge.readings);
    if (!taken) return;
    gauge.stop();
    setHeldFrom(null);
    if (load === undefined) setAfterMm(taken.lengthMm);
    else {
      const phase = next > 0 && load < (setup.loadsN[next - 1] ?? 0) ? "unload" : "load";
      setSteps((before) => [...before, { ...taken, phase }]);
    }
  }, [heldFrom, left, gauge, load, next, setup]);
  useEffect(() => {
    if (steps.length > 0) void keep(cloth.id, today, stepsAsFields(setup, steps, afterMm));
  }, [cloth.id, today, setup, steps, afterMm]);
  const goOn = async () => {
    await keep(cloth.id, today, stepsAsFields(setup, steps, afterMm));
    await navigate(`/cloths/${cloth.id}/tests/new`);
  };
  return (
    <SideBySide left={1.2}>
      <Box>
        <LiveChart readings={gauge.readings} taken={steps} gaugeMm={setup.gaugeMm} />
        <Now reading={gauge.readings.at(-1)} left={left} state={gauge.state} />
        {gauge.message ? <Alert severity="error">{gauge.message}</Alert> : null}
        <Box sx={{ display: "flex", gap: 1.5, mt: 2, flexWrap: "wrap" }}>
          {load !== undefined || resting ? (
            <Button variant="contained" disabled={heldFrom !== null && gauge.state !== "refused"} onClick={hold}>
              {load === undefined ? "Unload and wait at rest" : `Hold load ${next + 1}: ${load} N`}
            </Button>
          ) : null}
          {steps.length > 0 && heldFrom === null ? (
            <Button variant={load === undefined ? "contained" : "outlined"} onClick={() => void goOn()}>
              Go on to the form with these steps
            </Button>
          ) : null}
          <Button onClick={onAgain}>Clamp anew</Button>
        </Box>
      </Box>
      <StepsTaken setup={setup} steps={steps} afterMm={afterMm} kind={cloth.kind} />
    </SideBySide>
  );
}

/** Keeps the steps as the half-filled ladder form, so that neither a reload nor a lost connection loses one. */
const keep = (clothId: number, testedOn: string, steps: Fields): Promise<void> =>
  keepDraft(ladderDraft(clothId), { testedOn, ...steps });

const STATE_WORDS = {
  idle: "Ready.",
  streaming: "The gauge is being read.",
  lost: "The connection was lost; it is being taken up again where it broke off.",
  done: "The load was held.",
  refused: "The gauge does not answer.",
} as const;

interface NowProps {
  readonly reading: { readonly n: number; readonly mm: number } | undefined;
  readonly left: number | null;
  readonly state: keyof typeof STATE_WORDS;
}

function Now({ reading, left, state }: NowProps) {
  return (
    <Box aria-live="polite" sx={{ mt: 1 }}>
      <Typography sx={{ fontSize: "1.6rem", fontWeight: 700 }}>
        {reading ? `${reading.n.toFixed(2)} N · ${reading.mm.toFixed(1)} mm` : "—"}
        {left === null ? null : (
          <Box component="span" sx={{ ml: 3, color: "primary.main" }}>
            {left >= HOLD_S ? "pulling …" : `hold ${Math.ceil(left)} s`}
          </Box>
        )}
      </Typography>
      <Typography color="text.secondary">{STATE_WORDS[state]}</Typography>
    </Box>
  );
}
