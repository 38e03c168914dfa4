import { describe, expect, it } from "vitest";
import { evaluate } from "../testing/index.ts";
import { isoOf, momentAt } from "./clock.ts";
import { dayView } from "./dayView.ts";
import { explainShort } from "./explainShort.ts";
import { planDays } from "./planDays.ts";
import { shippedHours } from "./workHours.ts";
import { NEW_DAYS } from "./working.ts";

const ZONE = "America/New_York";
const HOURS = shippedHours(ZONE);
const now = momentAt("2026-10-28", 9 * 60, ZONE);
const appointment = (id: number, day: string, minutes: number) => ({
  ...{ id, kind: "fitting" as const, minutes: 30, note: "" },
  at: isoOf(momentAt(day, minutes, ZONE)),
});

describe("a day with its month", () => {
  const plan = planDays(
    [
      {
        ...{ jobId: 1, name: "Brief", steps: [{ id: "cut", name: "Cut", minutes: 600, restMin: 0 }] },
        days: {
          ...NEW_DAYS,
          wantedOn: "2026-10-30",
          appointments: [appointment(1, "2026-10-29", 23 * 60 + 50), appointment(2, "2026-11-01", 0)],
        },
      },
    ],
    HOURS,
    now,
  );
  const cell = (day: string, at = "2026-10-29") => dayView(plan, at, ZONE).month.find((one) => one.day === day);

  it("is whole weeks from Monday, the days of other months among them", () => {
    const { month } = dayView(plan, "2026-10-29", ZONE);
    expect([month.length % 7, month[0]?.day, month.at(-1)?.day]).toEqual([0, "2026-09-28", "2026-11-01"]);
    expect(month.filter(({ inMonth }) => inMonth)).toHaveLength(31);
    // A February of four weeks from a Monday on has no other day.
    expect(dayView(plan, "2027-02-10", ZONE).month).toHaveLength(28);
  });

  it("counts to each day what begins on it by the workshop's clock, to its last minute and from its first", () => {
    expect([cell("2026-10-29")?.meetings, cell("2026-10-30")?.meetings, cell("2026-11-01")?.meetings]).toEqual([
      1, 0, 1,
    ]);
    expect(cell("2026-10-30")?.wanted).toEqual([1]);
    const work = dayView(plan, "2026-10-29", ZONE).month.reduce((sum, { workMin }) => sum + workMin, 0);
    expect(work).toBe(600);
    expect(dayView(plan, "2026-10-29", ZONE).slots.reduce((sum, { from, to }) => sum + to - from, 0)).toBe(
      cell("2026-10-29")?.workMin,
    );
    expect(dayView(plan, "2026-11-01", ZONE).meetings.map(({ appointment: { id } }) => id)).toEqual([2]);
  });
});

it("opens by how much a job is short", () => {
  const stands = { jobId: 1, wantedOn: "2026-10-30", leftMin: 500, shortMin: 110, beginBy: now, next: "Cut" };
  const explained = explainShort(stands);
  expect(evaluate(explained)).toBeCloseTo(110, 9);
  expect(explained.result.value).toBe(110);
});
