import { type DaysWorking, isoOf, type Moment, momentOf, NEW_DAYS, shippedHours } from "../../core/days/index.ts";
import { savedOrThrow } from "../db/index.ts";
import type { Repositories } from "../store.ts";

/** Keeps the days of a job; what is not named is as usual. */
async function keepDays({ workings }: Pick<Repositories, "workings">, jobId: number, own: Partial<DaysWorking>) {
  const working = { ...NEW_DAYS, ...own };
  savedOrThrow(await workings.save(jobId, "days", { working, texts: {}, version: 0 }));
}

const [HOUR, DAY] = [60, 24 * 60] as const;

/** The Monday of the week a moment lies in, at midnight UTC. The days of 1970 began with a Thursday. */
const mondayOf = (moment: Moment): Moment => Math.floor(moment / DAY - ((Math.floor(moment / DAY) + 3) % 7)) * DAY;

/**
 * A week of the workshop, told from the Monday of the week it is opened in: two fittings, a job that is late, bias that hangs. Times are
 * of the zone the machine stands in.
 */
export async function addDays(all: Repositories, jobs: DemoDays, now: string): Promise<void> {
  const monday = mondayOf(momentOf(now));
  const dayOn = (days: number): string => isoOf(monday + days * DAY).slice(0, 10);
  const at = (days: number, hours: number): string => isoOf(monday + days * DAY + hours * HOUR);
  savedOrThrow(await all.settings.save("workHours", { value: shippedHours("Europe/Vienna"), version: 0 }));
  await keepDays(all, jobs.bottom, {
    wantedOn: dayOn(9),
    appointments: [
      { id: 1, kind: "fitting", at: at(8, 9), minutes: 60, note: "Second fitting; she brings her goggles." },
    ],
    waits: [{ id: 1, kind: "elasticRested", since: isoOf(momentOf(now) - 6 * HOUR), what: "Picot edge 10" }],
  });
  await keepDays(all, jobs.onePiece, {
    wantedOn: dayOn(18),
    appointments: [{ id: 1, kind: "measuring", at: at(10, 14), minutes: 45, note: "Trunk loop again, seated." }],
  });
  // It was wanted the day before, and is not done.
  await keepDays(all, jobs.late, { wantedOn: isoOf(momentOf(now) - DAY).slice(0, 10) });
  await keepDays(all, jobs.slip, {
    wantedOn: dayOn(11),
    appointments: [{ id: 1, kind: "fitting", at: at(9, 15), minutes: 90, note: "Hem levelled on the form." }],
    waits: [{ id: 1, kind: "biasHung", since: isoOf(momentOf(now) - 2 * HOUR), what: "Both skirt halves" }],
  });
}

/** Jobs of the demo that have days. */
export interface DemoDays {
  readonly bottom: number;
  readonly onePiece: number;
  readonly late: number;
  readonly slip: number;
}
