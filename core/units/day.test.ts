import { expect, it } from "vitest";
import { formatDay, parseDay } from "./day.ts";

const code = (text: string) => {
  const parsed = parseDay(text, "2026-11-24");
  return parsed.ok ? parsed.value : parsed.problem.code;
};

it("reads days of the calendar up to the last one allowed", () => {
  expect(code("2024-02-29")).toBe("2024-02-29");
  expect(code("2026-11-24")).toBe("2026-11-24");
});

it.each([
  ["4 Mar 2026", "2026-03-04"],
  [" 4 march 2026 ", "2026-03-04"],
  ["24.11.2026", "2026-11-24"],
  ["4.3.2026", "2026-03-04"],
])("reads %s", (text, day) => expect(code(text)).toBe(day));

it.each(["2026-02-29", "2026-13-01", "29.2.2026", "31 Apr 2026", "4/3/2026", "", "2026-1-1", "4 Mar 26"])(
  "refuses %s as no day",
  (text) => {
    expect(code(text)).toBe("day-unreadable");
  },
);

it.each(["31 November 2026", "31 nov 2026", "2026-11-31", "31.11.2026"])(
  "says of %s how many days its month has",
  (text) => {
    const parsed = parseDay(text, "2026-12-31");
    expect(parsed.ok ? "" : parsed.problem.message).toBe(
      `Expected a day that there is: November 2026 has 30 days, but got “${text}”.`,
    );
  },
);

it("refuses days in the future and long ago", () => {
  expect(code("2026-11-25")).toBe("day-out-of-range");
  expect(code("1899-12-31")).toBe("day-out-of-range");
});

it("writes a day for reading", () => expect(formatDay("2026-03-04")).toBe("4 Mar 2026"));
