import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useEffect, useRef, useState } from "react";
import { STAND_IN_CLOTHS, takeReading } from "../../../core/gauge/index.ts";
import { useGaugeStream } from "../../cloths/gauge/useGaugeStream.ts";
import { echoForce } from "../../form/echo.ts";
import { setInput } from "../../form/setInput.ts";
import { TextInput } from "../../form/TextInput.tsx";
import { type Fields, textsOf } from "../../form/unsaved.ts";

/** What the stand-in pulls with, N, where nothing is foreseen; else this part of what is. */
const STAND_IN_N = { from: 2, to: 6 } as const;
const STAND_IN_PART = { from: 0.9, to: 1.3 } as const;

/** How many times faster than the bench the stand-in goes: nobody waits beside a practice pull. */
const STAND_IN_SPEED = 10;

/** The force of a reading, typed or taken from the gauge: the named one, or the stand-in to practise with. */
export function GaugeForce({
  hasDevice,
  foreseenN,
}: {
  hasDevice: boolean;
  /** What the plan makes of the reading as the form stands; null where it says nothing. */
  foreseenN: (fields: Fields) => number | null;
}) {
  const box = useRef<HTMLDivElement>(null);
  const gauge = useGaugeStream();
  const [reading, setReading] = useState(false);
  const now = gauge.readings.at(-1);
  const stop = () => {
    gauge.stop();
    setReading(false);
    const taken = takeReading(gauge.readings);
    const input = box.current?.querySelector("input");
    if (taken && input) setInput(input, taken.forceN.toFixed(2));
  };
  const ended = reading && (gauge.state === "done" || gauge.state === "refused");
  const stopped = useRef(stop);
  stopped.current = stop;
  useEffect(() => {
    if (ended) stopped.current();
  }, [ended]);
  const start = () => {
    setReading(true);
    const form = box.current?.closest("form");
    gauge.start(
      hasDevice ? "/gauge/stream?source=device" : standIn(form ? foreseenN(textsOf(new FormData(form))) : null),
    );
  };
  return (
    <Box ref={box} sx={{ display: "flex", gap: 2, alignItems: "flex-start", flexWrap: "wrap" }}>
      <Box sx={{ width: 260 }}>
        <TextInput name="force" label="Force" hint="4.2, 430 g or 15 oz." numeric suffix="N" echo={echoForce} />
      </Box>
      <Button variant="outlined" onClick={reading ? stop : start} sx={{ mt: 0.75 }}>
        {reading ? "Hold: take what it shows" : hasDevice ? "Read the gauge" : "Read the stand-in gauge"}
      </Button>
      <Box aria-live="polite" sx={{ mt: 1.5, minWidth: 90, fontWeight: 700 }}>
        {reading && now ? `${now.n.toFixed(2)} N` : null}
        {gauge.message}
      </Box>
    </Box>
  );
}

/** The stand-in's pull: about as strong as foreseen, so that practising does not teach a plan nonsense. */
function standIn(foreseen: number | null): string {
  const seed = Math.floor(Math.random() * 100_000);
  const part = (seed % 100) / 100;
  const { from, to: most } = foreseen === null ? STAND_IN_N : STAND_IN_PART;
  const to = (foreseen ?? 1) * (from + (most - from) * part);
  const query = { cloth: STAND_IN_CLOTHS[0]?.id ?? "", form: "strip", width: "50", gauge: "100", from: "0" };
  return `/gauge/stream?${new URLSearchParams({
    ...query,
    to: to.toFixed(2),
    largest: to.toFixed(2),
    seed: String(seed),
    speed: String(STAND_IN_SPEED),
  })}`;
}
