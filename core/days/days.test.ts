import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SEWING_STEP_IDS } from "../sewing/index.ts";
import { dayOf, isoOf, isZoneName, momentAt, momentOf, timeOf, weekdayOf } from "./clock.ts";
import { fillBackward, type JobWork } from "./fillBackward.ts";
import { lastBefore } from "./freeHours.ts";
import { type JobDays, planDays } from "./planDays.ts";
import { WAIT_KINDS } from "./waits/index.ts";
import { hoursOf, type Span, shippedHours, without } from "./workHours.ts";
import { NEW_DAYS } from "./working.ts";

const ZONE = "Europe/Vienna";
const HOURS = shippedHours(ZONE);
const at = (day: string, time: string) => {
  const [hours = 0, minutes = 0] = time.split(":").map(Number);
  return momentAt(day, hours * 60 + minutes, ZONE);
};
const told = (moment: number) => `${dayOf(moment, ZONE)} ${timeOf(moment, ZONE)}`;

describe("the clock of a workshop", () => {
  it("shows the same hour before and after the change to summer time and back", () => {
    // 2026: forward on 29 March, back on 25 October.
    for (const day of ["2026-03-27", "2026-03-30", "2026-10-23", "2026-10-26"])
      expect(told(at(day, "09:00"))).toBe(`${day} 09:00`);
    expect(isoOf(at("2026-03-27", "09:00"))).toBe("2026-03-27T08:00:00.000Z");
    expect(isoOf(at("2026-03-30", "09:00"))).toBe("2026-03-30T07:00:00.000Z");
    // The Sunday itself is an hour shorter, and an hour longer.
    const long = (day: string, next: string) => at(next, "00:00") - at(day, "00:00");
    expect([long("2026-03-29", "2026-03-30"), long("2026-10-25", "2026-10-26")]).toEqual([23 * 60, 25 * 60]);
    expect(momentOf(isoOf(29_000_000))).toBe(29_000_000);
  });

  it("knows weekdays and the names of zones", () => {
    expect([weekdayOf("2026-11-23"), weekdayOf("2026-11-29")]).toEqual([0, 6]);
    expect([isZoneName(ZONE), isZoneName("Europe/Nowhere"), isZoneName("")]).toEqual([true, false, false]);
  });

  it("works its hours, and none on a day off", () => {
    const spans = (day: string, off: string[] = []) =>
      hoursOf({ ...HOURS, off }, day).map(({ from, to }) => `${timeOf(from, ZONE)}–${timeOf(to, ZONE)}`);
    expect(spans("2026-11-27")).toEqual(["09:00–13:00", "14:00–17:30"]);
    expect([spans("2026-11-28"), spans("2026-11-27", ["2026-11-27"])]).toEqual([[], []]);
  });

  it("leaves of its hours what is not taken", () => {
    const left = without(
      [
        { from: 0, to: 10 },
        { from: 20, to: 30 },
      ],
      [
        { from: 2, to: 4 },
        { from: 8, to: 22 },
        { from: 29, to: 40 },
      ],
    );
    expect(left).toEqual([
      { from: 0, to: 2 },
      { from: 4, to: 8 },
      { from: 22, to: 29 },
    ]);
  });
});

describe("work that is filled in backward", () => {
  const of = (free: readonly Span[]) => (end: number) => lastBefore(free, end);

  it("by hand: lies as late as it may, the last step at the end", () => {
    const free = [
      { from: 0, to: 60 },
      { from: 100, to: 160 },
    ];
    const works = [
      { id: "cut", minutes: 50, restMin: 0 },
      { id: "sew", minutes: 40, restMin: 0 },
    ];
    const { slots, shortMin } = fillBackward([{ jobId: 1, by: 160, works }], of(free));
    expect(slots).toEqual([
      { jobId: 1, work: "cut", from: 30, to: 60 },
      { jobId: 1, work: "cut", from: 100, to: 120 },
      { jobId: 1, work: "sew", from: 120, to: 160 },
    ]);
    expect(shortMin.size).toBe(0);
    expect(fillBackward([{ jobId: 1, by: 110, works }], of(free)).shortMin.get(1)).toBe(20);
    expect(fillBackward([{ jobId: 1, by: 110, works }], of([])).shortMin.get(1)).toBe(90);
  });

  it("leaves a garment alone for as long as it hangs, and gives those hours to others", () => {
    const free = [
      { from: 0, to: 60 },
      { from: 100, to: 160 },
      { from: 200, to: 260 },
    ];
    const works = [
      { id: "hang", minutes: 5, restMin: 110 },
      { id: "hem", minutes: 20, restMin: 0 },
    ];
    const other = { jobId: 2, by: 255, works: [{ id: "sew", minutes: 100, restMin: 0 }] };
    const { slots, shortMin } = fillBackward([{ jobId: 1, by: 260, works }, other], of(free));
    expect(slots).toEqual([
      { jobId: 2, work: "sew", from: 55, to: 60 },
      { jobId: 2, work: "sew", from: 100, to: 125 },
      { jobId: 1, work: "hang", from: 125, to: 130 },
      { jobId: 2, work: "sew", from: 130, to: 160 },
      { jobId: 2, work: "sew", from: 200, to: 240 },
      { jobId: 1, work: "hem", from: 240, to: 260 },
    ]);
    expect(shortMin.size).toBe(0);
  });

  it("never lies twice in an hour, outside the free hours, or behind the day it is wanted; nothing of it is lost", () => {
    const spans = fc
      .uniqueArray(fc.integer({ min: 0, max: 2000 }), { minLength: 2, maxLength: 24 })
      .map((ends) => ends.toSorted((a, b) => a - b))
      .map((ends) =>
        Array.from(
          { length: Math.floor(ends.length / 2) },
          (_, n): Span => ({
            from: ends[2 * n] as number,
            to: ends[2 * n + 1] as number,
          }),
        ),
      );
    const rest = fc.oneof(fc.constant(0), fc.integer({ min: 0, max: 300 }));
    const work = fc.array(fc.tuple(fc.integer({ min: 0, max: 200 }), rest), { maxLength: 5 });
    const jobs = fc.array(fc.record({ by: fc.integer({ min: 0, max: 2100 }), minutes: work }), { maxLength: 8 });
    fc.assert(
      fc.property(spans, jobs, (free, given) => {
        const all = given.map(
          ({ by, minutes }, jobId): JobWork => ({
            ...{ jobId, by },
            works: minutes.map(([one, restMin], nth) => ({ id: `w${nth}`, minutes: one, restMin })),
          }),
        );
        const { slots, shortMin } = fillBackward(all, of(free));
        slots.forEach(({ from, to, jobId }, nth) => {
          expect(from).toBeLessThan(to);
          expect(from).toBeGreaterThanOrEqual(slots[nth - 1]?.to ?? 0);
          expect(to).toBeLessThanOrEqual(all[jobId]?.by ?? 0);
          expect(free.some((span) => span.from <= from && to <= span.to)).toBe(true);
        });
        for (const { jobId, works } of all) {
          const laid = slots.filter((slot) => slot.jobId === jobId);
          const minutes = laid.reduce((sum, { from, to }) => sum + to - from, 0);
          expect(minutes + (shortMin.get(jobId) ?? 0)).toBe(works.reduce((sum, one) => sum + one.minutes, 0));
          const order = laid.map((slot) => Number(slot.work.slice(1)));
          expect(order).toEqual(order.toSorted((a, b) => a - b));
          // Nothing is sewn on it while it rests.
          for (const { work: name, to } of laid) {
            const { restMin } = works[Number(name.slice(1))] as (typeof works)[number];
            const after = laid.filter((slot) => Number(slot.work.slice(1)) > Number(name.slice(1)));
            expect(after.every(({ from }) => from >= to + restMin)).toBe(true);
            expect(to + restMin).toBeLessThanOrEqual(all[jobId]?.by ?? 0);
          }
        }
      }),
      { numRuns: 300 },
    );
  });
});

describe("the days of a workshop", () => {
  const now = at("2026-11-26", "10:00");
  const job = (jobId: number, own: Partial<JobDays["days"]>, minutes: readonly number[] = [60, 60]): JobDays => ({
    ...{ jobId, name: `Job ${jobId}`, days: { ...NEW_DAYS, ...own } },
    steps: minutes.map((one, nth) => ({
      id: nth === 0 ? "cut" : `s${nth}`,
      name: `Step ${nth}`,
      minutes: one,
      restMin: 0,
    })),
  });
  const fitting = (day: string, time: string) => ({
    ...{ id: 1, kind: "fitting" as const, minutes: 60, note: "" },
    at: isoOf(at(day, time)),
  });

  it("keep what is met for free of work, and leave the weekend alone", () => {
    const plan = planDays(
      [job(1, { wantedOn: "2026-11-30", appointments: [fitting("2026-11-30", "16:00")] }, [60, 330])],
      HOURS,
      now,
    );
    expect(plan.slots.map(({ work, from, to }) => `${work} ${told(from)} ${timeOf(to, ZONE)}`)).toEqual([
      "cut 2026-11-30 09:00 10:00",
      "s1 2026-11-30 10:00 13:00",
      "s1 2026-11-30 14:00 16:00",
      "s1 2026-11-30 17:00 17:30",
    ]);
    const minutes = plan.slots.reduce((sum, { from, to }) => sum + to - from, 0);
    expect(minutes).toBe(390);
    const met = { from: at("2026-11-30", "16:00"), to: at("2026-11-30", "17:00") };
    expect(plan.slots.every(({ from, to }) => to <= met.from || from >= met.to)).toBe(true);
    expect(plan.slots.every(({ from }) => weekdayOf(dayOf(from, ZONE)) < 5)).toBe(true);
    expect(plan.jobs).toEqual([
      { jobId: 1, wantedOn: "2026-11-30", leftMin: 390, shortMin: 0, beginBy: plan.slots[0]?.from, next: "Step 0" },
    ]);
  });

  it("lay no work after the hour of handing over", () => {
    const handover = { ...fitting("2026-11-30", "11:00"), kind: "handover" as const };
    const { slots } = planDays([job(1, { wantedOn: "2026-11-30", appointments: [handover] })], HOURS, now);
    expect(slots.map(({ work, from }) => `${work} ${told(from)}`)).toEqual([
      "cut 2026-11-30 09:00",
      "s1 2026-11-30 10:00",
    ]);
    // One that is past says nothing of what is still to be sewn.
    const past = { ...handover, at: isoOf(at("2026-11-25", "11:00")) };
    expect(planDays([job(1, { wantedOn: "2026-11-30", appointments: [past] })], HOURS, now).jobs[0]?.shortMin).toBe(0);
  });

  it("say by how much a day comes too soon", () => {
    const [stands] = planDays([job(1, { wantedOn: "2026-11-26" }, [300, 200])], HOURS, now).jobs;
    // Free that day after ten: three hours, and three and a half.
    expect(stands).toMatchObject({ leftMin: 500, shortMin: 110, beginBy: now });
    expect(planDays([job(1, { wantedOn: "2026-11-20" })], HOURS, now).jobs[0]).toMatchObject({ shortMin: 120 });
    expect(planDays([job(1, {})], HOURS, now)).toMatchObject({ slots: [], jobs: [] });
  });

  it("are planned for a day far off as soon as for the next one, and never where nobody works", () => {
    const far = planDays([job(1, { wantedOn: "2098-12-12" })], HOURS, now);
    expect(far.slots.map(({ from }) => dayOf(from, ZONE))).toEqual(["2098-12-12", "2098-12-12"]);
    // Nor is what lies between two days looked at, day by day.
    let looked = 0;
    const rare = (end: number) => {
      looked += 1;
      return { from: end - 10, to: end };
    };
    const works = [{ id: "cut", minutes: 10, restMin: 0 }];
    fillBackward(
      [
        { jobId: 1, by: 9e9, works },
        { jobId: 2, by: 1e6, works },
      ],
      rare,
    );
    expect(looked).toBe(2);
    const idle = { ...HOURS, week: HOURS.week.map(() => []) };
    expect(planDays([job(1, { wantedOn: "2098-12-12" })], idle, now).jobs[0]).toMatchObject({ shortMin: 120 });
  });

  it("tell what waits until when, and what that blocks", () => {
    const unrolled = { id: 1, kind: "unrolled" as const, what: "Swim knit", since: isoOf(at("2026-11-26", "09:00")) };
    const over = { ...unrolled, id: 2, since: isoOf(at("2026-11-20", "09:00")) };
    const plan = planDays([job(1, { wantedOn: "2026-11-26", waits: [unrolled, over] })], HOURS, now);
    expect(plan.waiting.map(({ until }) => told(until))).toEqual(["2026-11-27 09:00"]);
    expect(plan.slots.map(({ work, blockedBy }) => [work, blockedBy?.wait.id ?? null])).toEqual([
      ["cut", 1],
      ["s1", null],
    ]);
    const later = planDays([job(1, { wantedOn: "2026-12-01", waits: [unrolled] })], HOURS, now);
    expect(later.slots.every(({ blockedBy }) => blockedBy === null)).toBe(true);
  });

  it("block steps that there are", () => {
    for (const { blocks, id } of WAIT_KINDS) for (const step of blocks) expect(SEWING_STEP_IDS, id).toContain(step);
  });
});
