import dayjs from "dayjs";
import utc from "dayjs/plugin/utc.js";
import { fail, ok, type Result } from "../result.ts";
import type { SewingWorking } from "./working.ts";

dayjs.extend(utc);

/** A timer that ran longer than this was forgotten: how long was sewn is then for the maker to say, minutes. */
export const FORGOTTEN_MIN = 8 * 60;

/** How long a timer has run, minutes. */
export const ranFor = (since: string, now: string): number =>
  Math.max(0, dayjs.utc(now).diff(dayjs.utc(since), "minute", true));

/** Stops what is timed and counts it to its step. @returns `forgotten` where it ran for most of a day. */
export function stopped(working: SewingWorking, now: string): Result<SewingWorking> {
  const { timer, spent } = working;
  if (!timer) return ok(working);
  const ran = ranFor(timer.since, now);
  if (ran > FORGOTTEN_MIN)
    return fail(
      "forgotten",
      `Expected a timer that ran less than ${FORGOTTEN_MIN / 60} hours, but it has run ${Math.round(ran / 60)}: leave it uncounted, and type how long was sewn.`,
    );
  return ok({ ...working, timer: null, spent: { ...spent, [timer.step]: (spent[timer.step] ?? 0) + ran } });
}

/** Times a step from now on; another that is timed is stopped first. */
export function started(working: SewingWorking, step: string, now: string): Result<SewingWorking> {
  const before = stopped(working, now);
  return before.ok ? ok({ ...before.value, timer: { step, since: now } }) : before;
}

/** A step done now, or not after all; a timer that runs at it is stopped. */
export function ticked(working: SewingWorking, step: string, on: boolean, now: string): Result<SewingWorking> {
  const { [step]: _, ...others } = working.done;
  if (!on) return ok({ ...working, done: others });
  const before = working.timer?.step === step ? stopped(working, now) : ok(working);
  return before.ok ? ok({ ...before.value, done: { ...others, [step]: now } }) : before;
}
