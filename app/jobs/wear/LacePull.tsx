import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { useCallback, useEffect, useRef, useState } from "react";
import { settledN } from "../../../core/gauge/index.ts";
import { useGaugeStream } from "../../cloths/gauge/useGaugeStream.ts";
import { setInput } from "../../form/setInput.ts";

/** The lace between two eyelets hooked on the gauge: what it settles at goes into the last empty pull of the list. A stand-in ships with Stenz. */
export function LacePull({ hasDevice }: { hasDevice: boolean }) {
  const gauge = useGaugeStream();
  const [pulling, setPulling] = useState(false);
  const [said, setSaid] = useState("");
  const now = gauge.readings.at(-1);
  const take = useCallback(() => {
    gauge.stop();
    setPulling(false);
    const newtons = settledN(gauge.readings);
    const rows = [...document.querySelectorAll<HTMLInputElement>('input[name^="pulls["][name$="].pullN"]')];
    // What was read before stays: only a pull without a number takes one.
    const input = rows.findLast(({ value }) => value.trim() === "");
    if (newtons === null) return setSaid("It was not held long enough: hold it still for two seconds.");
    if (!input) return setSaid(`${newtons.toFixed(1)} N. Add a pull to the list, pull again, and it goes there.`);
    setInput(input, newtons.toFixed(1));
    setSaid(`${newtons.toFixed(1)} N, in pull ${rows.indexOf(input) + 1}: now give the gap there.`);
  }, [gauge]);
  const taken = useRef(take);
  taken.current = take;
  const ended = pulling && (gauge.state === "done" || gauge.state === "refused");
  useEffect(() => {
    if (ended) taken.current();
  }, [ended]);
  const start = () => {
    setSaid("");
    setPulling(true);
    gauge.start(`/gauge/stream?${hasDevice ? "source=device" : standIn()}`);
  };
  return (
    <Box className="no-print" sx={{ mb: 2 }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, alignItems: "center" }}>
        <Button variant={pulling ? "contained" : "outlined"} onClick={pulling ? take : start}>
          {pulling ? "Take it" : hasDevice ? "Pull the lace on the gauge" : "Pull the lace on the stand-in gauge"}
        </Button>
        <Box aria-live="polite" sx={{ fontWeight: 700, minWidth: 90 }}>
          {pulling && now ? `${now.n.toFixed(1)} N` : null}
        </Box>
      </Box>
      <Typography role="status" sx={{ fontSize: "0.9rem", color: "text.secondary", mt: 0.5 }}>
        {gauge.message || said || "Hook the lace between two eyelets, draw it just aside, hold it still."}
      </Typography>
    </Box>
  );
}

const standIn = (): string =>
  String(new URLSearchParams({ source: "lace", seed: String(Math.floor(Math.random() * 100_000)), speed: "2" }));
