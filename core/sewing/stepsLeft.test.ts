import fc from "fast-check";
import { expect, it } from "vitest";
import { STYLES } from "../ease/index.ts";
import { madeOf } from "./made.ts";
import { minutesOf } from "./minutesOf.ts";
import { reckonSewing } from "./reckonSewing.ts";
import { toGo } from "./sewingRow.ts";
import { stepsFor } from "./steps/index.ts";
import { stepsLeft } from "./stepsLeft.ts";
import { NEW_SEWING, type SewingWorking } from "./working.ts";

it("tells of every style what its page tells, however it is sewn", () => {
  const at = "2026-11-02T10:00:00.000Z";
  fc.assert(
    fc.property(fc.constantFrom(...STYLES), fc.infiniteStream(fc.integer({ min: 0, max: 9 })), (style, numbers) => {
      const made = madeOf({
        style,
        parts: null,
        openings: { waist: "zip" },
        layers: [{ role: "lining", direction: "along" }],
      });
      const usual = stepsFor(made);
      const some = (least: number) => usual.filter(() => (numbers.next().value as number) >= least).map(({ id }) => id);
      const working: SewingWorking = {
        ...{ ...NEW_SEWING, left: some(8), own: [{ id: "own-1", name: "Label" }] },
        order: some(5).toReversed(),
        done: Object.fromEntries(some(6).map((id) => [id, at])),
        spent: Object.fromEntries(some(5).map((id) => [id, 7])),
      };
      const past = { cut: [20, 21, 50], marks: [4] };
      const { rows, leftMin } = reckonSewing(working, { made, putOff: [], past });
      const told = rows
        .filter(({ doneAt, left }) => doneAt === null && !left)
        .map((row) => ({ id: row.id, name: row.name, minutes: toGo(row), restMin: row.restMin }));
      const left = stepsLeft(working, usual, (id, guess) => minutesOf(past[id as keyof typeof past], guess).minutes);
      expect(left).toEqual(told);
      expect(left.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(leftMin, 9);
    }),
    { numRuns: 120 },
  );
});
