/** A timer that runs while a garment is worn; it runs on whatever page is open, and after a reload. */
export interface WearTimer {
  /** Names what is timed: `fitting 12, breathe`. */
  readonly id: string;
  readonly label: string;
  /** Where it belongs. */
  readonly href: string;
  /** When it is over, ms since 1970. */
  readonly endsAt: number;
}

const KEY = "stenz-timers";

/** Told whenever the timers of this browser change. */
export const TIMERS_CHANGED = "stenz-timers-changed";

/** The timers of this browser. */
export function readTimers(): WearTimer[] {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(KEY) ?? "[]");
    return Array.isArray(read) ? read.filter(isTimer) : [];
  } catch {
    return [];
  }
}

/** What another version, or another hand, left there is none. */
const isTimer = (read: unknown): read is WearTimer =>
  typeof read === "object" &&
  read !== null &&
  (["id", "label", "href"] as const).every((name) => typeof (read as Partial<WearTimer>)[name] === "string") &&
  Number.isFinite((read as Partial<WearTimer>).endsAt);

/** Starts a timer, in place of an earlier one of the same id. */
export const startTimer = (timer: WearTimer): void =>
  write([...readTimers().filter(({ id }) => id !== timer.id), timer]);

/** Takes a timer off. */
export const dropTimer = (id: string): void => write(readTimers().filter((timer) => timer.id !== id));

function write(timers: readonly WearTimer[]): void {
  localStorage.setItem(KEY, JSON.stringify(timers));
  window.dispatchEvent(new Event(TIMERS_CHANGED));
}
