import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useCallback, useEffect, useRef, useState } from "react";
import { firstBreak, type GaugeReading } from "../../../core/gauge/index.ts";
import { useGaugeStream } from "../../cloths/gauge/useGaugeStream.ts";
import { setInput } from "../../form/setInput.ts";

/** How many times faster than the bench the stand-in goes. */
const STAND_IN_SPEED = 4;

/** The click of a thread that breaks, for practice: Hz, s, how loud. */
const CLICK = { hz: 1900, s: 0.05, gain: 0.25 } as const;

interface GaugePullProps {
  readonly hasDevice: boolean;
  /** Where a made-up seam sewn as it is typed breaks; null while too little is typed. */
  readonly breaks: () => { readonly strain: number; readonly gaugeMm: number } | null;
}

/**
 * The seam pulled on the gauge: a key marks the first stitch that is heard to break, and the length it was at goes into the form.
 * A stand-in pulls a made-up seam, and clicks where its thread breaks.
 */
export function GaugePull({ hasDevice, breaks }: GaugePullProps) {
  const box = useRef<HTMLDivElement>(null);
  const gauge = useGaugeStream();
  const [pulling, setPulling] = useState(false);
  const [said, setSaid] = useState("");
  const now = gauge.readings.at(-1);
  useClicks(pulling && !hasDevice, gauge.readings);
  const mark = useCallback(
    (how: "broke" | "end") => {
      gauge.stop();
      setPulling(false);
      const last = gauge.readings.at(-1);
      const input = box.current?.closest("form")?.querySelector<HTMLInputElement>('input[name="length"]');
      if (!last || !input) return;
      setInput(input, `${last.mm.toFixed(1)} mm`);
      setSaid(`${how === "broke" ? "Marked" : "Stopped"} at ${last.mm.toFixed(1)} mm: now say what gave.`);
    },
    [gauge],
  );
  const marked = useRef(mark);
  marked.current = mark;
  useEffect(() => {
    if (!pulling) return;
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== " " && event.key !== "Enter") return;
      event.preventDefault();
      marked.current("broke");
    };
    window.addEventListener("keydown", onKey, { capture: true });
    return () => window.removeEventListener("keydown", onKey, { capture: true });
  }, [pulling]);
  const ended = pulling && (gauge.state === "done" || gauge.state === "refused");
  useEffect(() => {
    if (ended) marked.current("end");
  }, [ended]);
  const start = () => {
    const seam = breaks();
    if (!hasDevice && !seam) return setSaid("Type stitch length and gauge first: the stand-in sews by them.");
    setSaid("");
    setPulling(true);
    gauge.start(hasDevice ? "/gauge/stream?source=device" : standIn(seam));
  };
  return (
    <Box ref={box} sx={{ mb: 2 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, alignItems: "center" }}>
        <Button variant={pulling ? "contained" : "outlined"} onClick={pulling ? () => mark("broke") : start}>
          {pulling ? "It broke (space)" : hasDevice ? "Pull on the gauge" : "Pull on the stand-in gauge"}
        </Button>
        <Box aria-live="polite" sx={{ fontWeight: 700, minWidth: 110 }}>
          {pulling && now ? `${now.mm.toFixed(1)} mm` : null}
        </Box>
      </Box>
      <Typography role="status" sx={{ fontSize: "0.9rem", color: "text.secondary", mt: 0.5 }}>
        {gauge.message || said || "Listen: press the space bar at the first stitch that breaks."}
      </Typography>
    </Box>
  );
}

function standIn(seam: ReturnType<GaugePullProps["breaks"]>): string {
  return `/gauge/stream?${new URLSearchParams({
    source: "seam",
    gauge: String(seam?.gaugeMm ?? ""),
    breaks: (seam?.strain ?? 0).toFixed(3),
    seed: String(Math.floor(Math.random() * 100_000)),
    speed: String(STAND_IN_SPEED),
  })}`;
}

/** Clicks once where the first stitch of a practice pull breaks; silent where the browser has no sound. */
function useClicks(on: boolean, readings: readonly GaugeReading[]): void {
  const clicked = useRef(false);
  useEffect(() => {
    if (!on) {
      clicked.current = false;
      return;
    }
    if (clicked.current || !firstBreak(readings)) return;
    clicked.current = true;
    click();
  }, [on, readings]);
}

function click(): void {
  if (typeof AudioContext === "undefined") return;
  const context = new AudioContext();
  const [tone, gain] = [context.createOscillator(), context.createGain()];
  tone.frequency.value = CLICK.hz;
  gain.gain.value = CLICK.gain;
  tone.connect(gain).connect(context.destination);
  tone.start();
  tone.stop(context.currentTime + CLICK.s);
  tone.onended = () => void context.close();
}
