import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { MeasuredValue } from "../body/sheetValues.ts";
import { nextPlan } from "../fitting/nextPlan.ts";
import { ringsOf } from "../fitting/rings.ts";
import { SAMPLE_SHEET } from "../testing/sampleJob.ts";
import { planStyle } from "./planStyle.ts";
import { SCHOOLS } from "./schools/index.ts";
import { SHIPPED_EASE_SETTINGS as settings } from "./settings.ts";
import { brief } from "./styles/brief.ts";

const scaled = (by: number): MeasuredValue[] => SAMPLE_SHEET.values.map((value) => ({ ...value, mm: value.mm * by }));
const plan = (values: readonly MeasuredValue[], usable: number, recovery: number | null = 0.9) =>
  planStyle({ style: brief, body: { values, tape: "snug" }, cloth: { usable, recovery }, settings });

const stretch = fc.double({ min: 0.15, max: 1.5, noNaN: true });
const size = fc.double({ min: 0.8, max: 1.6, noNaN: true });

describe("a plan, whatever the body and the cloth", () => {
  it("has only finite numbers, and says what it leaves unknown", () => {
    fc.assert(
      fc.property(
        size,
        fc.double({ min: 0, max: 1.5, noNaN: true }),
        fc.option(fc.double({ min: 0, max: 1, noNaN: true })),
        (by, usable, recovery) =>
          plan(scaled(by), usable, recovery).zones.every(({ bySchool }) =>
            Object.values(bySchool).every(({ consequences }) =>
              Object.entries(consequences).every(
                ([name, value]) =>
                  name === "reach" ||
                  Number.isFinite(value) ||
                  (value === null && (recovery === null || usable < 1e-300)),
              ),
            ),
          ),
      ),
      { seed: 20261124 },
    );
  });

  it("by share or reduction grows with the body, to the rounding", () => {
    fc.assert(
      fc.property(size, stretch, (by, usable) => {
        const [one, other] = [plan(scaled(1), usable), plan(scaled(by), usable)];
        return (["percent", "share"] as const).every((school) =>
          one.zones.every((zone, index) => {
            const expected = zone.bySchool[school].exactMm * by;
            return Math.abs((other.zones[index]?.bySchool[school].exactMm ?? 0) - expected) <= 1e-9 * expected;
          }),
        );
      }),
      { seed: 20261124 },
    );
  });

  it("by share never plans past the share it was asked for", () => {
    fc.assert(
      fc.property(size, stretch, (by, usable) =>
        plan(scaled(by), usable).zones.every(({ zone, bySchool }) => {
          const asked = settings.shares.brief[zone] ?? 0;
          // Half a millimetre of rounding on the smallest girth planned here.
          return Math.abs((bySchool.share.consequences.shareUsed ?? 0) - asked) <= 0.5 / 250 / usable;
        }),
      ),
      { seed: 20261124 },
    );
  });

  it("lets a garment be no harder to pull on, the more its cloth stretches", () => {
    const order = { goes: 0, hard: 1, closure: 2 } as const;
    fc.assert(
      fc.property(stretch, fc.double({ min: 0, max: 0.5, noNaN: true }), (usable, more) => {
        const [less, further] = [plan(scaled(1), usable).pullOn.fixed, plan(scaled(1), usable + more).pullOn.fixed];
        return less.every(({ verdict }, index) => order[further[index]?.verdict ?? "closure"] <= order[verdict]);
      }),
      { seed: 20261124 },
    );
  });
});

it("adds decided changes in any order to the same next plan", () => {
  const changes = fc.array(
    fc.record({
      zone: fc.constantFrom(...brief.zones),
      side: fc.constantFrom("left" as const, "right" as const, "both" as const),
      amountMm: fc.integer({ min: -40, max: 40 }),
    }),
    { maxLength: 8 },
  );
  const { zones } = plan(scaled(1), 0.6);
  for (const { id } of SCHOOLS) {
    const rings = ringsOf(zones, id);
    fc.assert(
      fc.property(changes, (decided) => {
        const girths = (list: typeof decided) =>
          nextPlan(rings, list, { usable: 0.6, recovery: null }).map(({ nowMm }) => nowMm);
        expect(girths(decided.toReversed())).toEqual(girths(decided));
      }),
      { seed: 20261124, numRuns: 50 },
    );
  }
});
