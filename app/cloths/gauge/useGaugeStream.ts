import { useCallback, useEffect, useRef, useState } from "react";
import { type GaugeReading, parseGaugeLine } from "../../../core/gauge/index.ts";

/** Where a stream of readings stands. */
export type StreamState = "idle" | "streaming" | "lost" | "done" | "refused";

/** A gauge's readings as they come, and what became of the connection. */
export interface GaugeStream {
  readonly readings: readonly GaugeReading[];
  readonly state: StreamState;
  /** Why it was refused; empty otherwise. */
  readonly message: string;
  start(address: string): void;
  stop(): void;
}

/** Readings are put on the screen this often at most, ms. */
const SHOWN_EVERY_MS = 120;

/**
 * Reads a gauge over server-sent events. A lost connection is taken up again by the browser with the number of the
 * last reading, so that none is missed or counted twice.
 */
export function useGaugeStream(): GaugeStream {
  const [readings, setReadings] = useState<readonly GaugeReading[]>([]);
  const [state, setState] = useState<StreamState>("idle");
  const [message, setMessage] = useState("");
  const source = useRef<EventSource | null>(null);
  const collected = useRef<GaugeReading[]>([]);
  const stop = useCallback(() => {
    source.current?.close();
    source.current = null;
  }, []);
  useEffect(() => {
    const shown = setInterval(() => {
      setReadings((before) => (before.length === collected.current.length ? before : [...collected.current]));
    }, SHOWN_EVERY_MS);
    return () => {
      clearInterval(shown);
      stop();
    };
  }, [stop]);
  const start = useCallback(
    (address: string) => {
      stop();
      collected.current = [];
      setReadings([]);
      setMessage("");
      setState("streaming");
      const events = new EventSource(address);
      source.current = events;
      events.onmessage = ({ data }) => {
        const reading = parseGaugeLine(String(data));
        if (reading.ok) collected.current.push(reading.value);
        setState("streaming");
      };
      events.onerror = () => setState("lost");
      events.addEventListener("done", () => {
        setReadings([...collected.current]);
        setState("done");
        stop();
      });
      events.addEventListener("refused", (event) => {
        setMessage(String(JSON.parse((event as MessageEvent<string>).data).message));
        setState("refused");
        stop();
      });
    },
    [stop],
  );
  return { readings, state, message, start, stop };
}
