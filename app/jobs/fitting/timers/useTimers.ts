import { useEffect, useState } from "react";
import { readTimers, TIMERS_CHANGED, type WearTimer } from "./timerStore.ts";

/** A timer with what is left of it, s; 0 once it is over. */
export interface RunningTimer extends WearTimer {
  readonly leftS: number;
}

/** The timers of this browser, told anew every second while one runs. */
export function useTimers(): readonly RunningTimer[] {
  const [timers, setTimers] = useState<readonly RunningTimer[]>([]);
  useEffect(() => {
    const look = () => {
      const now = Date.now();
      const read = readTimers();
      setTimers((before) =>
        before.length === 0 && read.length === 0
          ? before
          : read.map((timer) => ({ ...timer, leftS: Math.max(0, Math.ceil((timer.endsAt - now) / 1000)) })),
      );
    };
    look();
    const ticking = setInterval(look, 1000);
    for (const event of [TIMERS_CHANGED, "storage"]) window.addEventListener(event, look);
    return () => {
      clearInterval(ticking);
      for (const event of [TIMERS_CHANGED, "storage"]) window.removeEventListener(event, look);
    };
  }, []);
  return timers;
}

/** `0:27`, `29:05`. */
export const clock = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
