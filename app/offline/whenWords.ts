import dayjs from "dayjs";

/** A moment (ISO) by the clock of this device: `14:32`, and with its day where that is not today's. */
export function whenWords(iso: string, now: Date = new Date()): string {
  const moment = dayjs(iso);
  return moment.format(moment.isSame(now, "day") ? "HH:mm" : "D MMM, HH:mm");
}
