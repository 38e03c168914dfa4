import { expect, it } from "vitest";
import { hoursCsv, workshopHoursCsv } from "./hoursCsv.ts";

const row = {
  ...{ id: "cut", name: "Cut every piece", how: null, fit: null, own: false, left: false, problems: [], putOff: [] },
  ...{
    expected: { minutes: 40, from: "guess" as const, times: 1 },
    restMin: 0,
    spentMin: 31.26,
    doneAt: "2026-11-02T10:00:00.000Z",
  },
} as const;

it("tells each step with its minutes and where they come from, then the materials; what is left out is not told", () => {
  const cost = { name: "Materials of one garment", explanation: { result: { value: 18.499 } } };
  const lines = hoursCsv([row, { ...row, id: "hem", name: "Hem, sewn", left: true }], { numbers: [cost] }).split(
    "\r\n",
  );
  expect(lines).toEqual([
    "what,name,done,minutes,expected_minutes,expected_from,cost",
    "step,Cut every piece,2026-11-02T10:00:00.000Z,31.3,40,guess,",
    "all,All steps,,62.5,,,",
    "materials,Materials of one garment,,,,,18.5",
    "",
  ]);
});

it("tells the hours of every job, its own steps by their names", () => {
  const working = {
    own: [{ id: "own-1", name: 'Label "in"' }],
    spent: { cut: 30, "own-1": 4.04 },
    done: { cut: "2026-11-02T10:00:00.000Z" },
  };
  expect(workshopHoursCsv([{ name: "Brief", working }]).split("\r\n")).toEqual([
    "job,step,done,minutes",
    "Brief,Cut every piece,2026-11-02T10:00:00.000Z,30",
    'Brief,"Label ""in""",,4',
    "",
  ]);
});
