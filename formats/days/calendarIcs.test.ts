import ICAL from "ical.js";
import { describe, expect, it } from "vitest";
import { momentOf } from "../../core/days/index.ts";
import { calendarIcs } from "./calendarIcs.ts";

const from = momentOf("2026-12-01T13:30:00.000Z");
const meeting = {
  ...{ jobId: 3, from, to: from + 45 },
  appointment: { id: 2, kind: "fitting" as const, at: "2026-12-01T13:30:00.000Z", minutes: 45, note: "" },
};

describe("a calendar", () => {
  it("has each appointment in UTC with its own id, folded and with its ends as RFC 5545 has them", () => {
    const long = "Fitting, with commas; and a title that is longer than a line of a calendar may be, far longer";
    const read = calendarIcs([{ meeting, title: long, note: "Two\nlines" }], [], 60);
    const text = read.ok ? read.value : "";
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\nVERSION:2\.0\r\n/);
    expect(text).toContain("DTSTART:20261201T133000Z\r\nDTEND:20261201T141500Z");
    expect(text).toContain("UID:3-2@stenz.invalid");
    expect(text).toContain("TRIGGER:-PT60M");
    expect(text.split("\r\n").every((line) => line.length <= 75)).toBe(true);
    expect(text.replaceAll(/\r\n[ \t]/g, "")).toContain("SUMMARY:Fitting\\, with commas\\; and");
  });

  it("has a whole day for what is wanted, and no alarm where none is wished", () => {
    const read = calendarIcs(
      [{ meeting, title: "Fitting", note: "" }],
      [{ jobId: 3, day: "2026-12-24", title: "Wanted" }],
      null,
    );
    const text = read.ok ? read.value : "";
    expect(text).toContain("DTSTART;VALUE=DATE:20261224");
    expect(text).not.toContain("VALARM");
  });

  it("is read by others as it was meant: hours in UTC, whole days that end with themselves", () => {
    const day = { jobId: 4, day: "2026-12-31", title: "Wanted; at last" };
    const read = calendarIcs([{ meeting, title: "Fitting, Wenna", note: "Two\nlines" }], [day], 60);
    expect(read.ok).toBe(true);
    const calendar = ICAL.Component.fromString(read.ok ? read.value : "");
    const [met, wanted] = calendar.getAllSubcomponents("vevent").map((event) => new ICAL.Event(event));
    expect(met).toMatchObject({ uid: "3-2@stenz.invalid", summary: "Fitting, Wenna", description: "Two\nlines" });
    expect([met?.startDate, met?.endDate].map((time) => time?.toJSDate().toISOString())).toEqual([
      "2026-12-01T13:30:00.000Z",
      "2026-12-01T14:15:00.000Z",
    ]);
    expect([wanted?.summary, wanted?.startDate.toString(), wanted?.endDate.toString()]).toEqual([
      "Wanted; at last",
      "2026-12-31",
      "2027-01-01",
    ]);
    expect([wanted?.startDate.isDate, wanted?.duration.toString()]).toEqual([true, "P1D"]);
  });

  it("of nothing is empty, and still a calendar", () => {
    const read = calendarIcs([], [], 60);
    expect(read.ok && read.value.includes("BEGIN:VCALENDAR")).toBe(true);
  });
});
