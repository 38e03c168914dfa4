import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { MeasuredValue } from "../body/index.ts";
import { tensionCurve } from "../cloth/index.ts";
import { nextPlan, ringsOf } from "../fitting/index.ts";
import { SAMPLE_SHEET } from "../testing/index.ts";
import type { Consequences } from "./consequences.ts";
import { NOTHING_CHOSEN } from "./easeChoice.ts";
import { girthBy, planStyle } from "./planStyle.ts";
import { SCHOOL_IDS } from "./schools/index.ts";
import type { SchoolId } from "./schools/school.ts";
import { SHIPPED_EASE_SETTINGS as settings } from "./settings.ts";
import { brief } from "./styles/brief.ts";
import type { ZonePlan } from "./zonePlan.ts";

const scaled = (by: number): MeasuredValue[] => SAMPLE_SHEET.values.map((value) => ({ ...value, mm: value.mm * by }));
const wear = tensionCurve([
  [0.15, 12],
  [0.4, 40],
  [0.7, 130],
]);
const liked = { waist: [{ name: "old one", bodyMm: 742, garmentMm: 650, usable: 0.5, wear }] };
const exact = (zone: ZonePlan | undefined, school: SchoolId): number => {
  const answer = zone?.bySchool[school];
  return answer?.ok ? answer.value.exactMm : Number.NaN;
};
const plan = (
  values: readonly MeasuredValue[],
  usable: number,
  recovery: number | null = 0.9,
  school: SchoolId = "share",
) =>
  planStyle({
    style: brief,
    body: { values, tape: "snug" },
    cloth: { usable, recovery, wear, contraction: 0.3, usableAlong: usable * 0.7 },
    settings,
    liked,
    choice: { ...NOTHING_CHOSEN, school },
  });

/** Every number of the consequences, those of the pull included. */
const numbersIn = ({
  reach: _word,
  halvesAssumed: _flag,
  bodyGives: _scale,
  pull,
  ...numbers
}: Consequences): (number | null)[] => [
  ...Object.values(numbers),
  ...(pull ? [pull.tensionNPerM, pull.pressureKpa] : []),
];

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
            Object.values(bySchool).every((answer) =>
              answer.ok
                ? numbersIn(answer.value.consequences).every(
                    (value) => Number.isFinite(value) || (value === null && (recovery === null || usable < 1e-300)),
                  )
                : answer.problem.message.startsWith("Expected"),
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
            const expected = exact(zone, school) * by;
            return Math.abs(exact(other.zones[index], school) - expected) <= 1e-9 * expected;
          }),
        );
      }),
      { seed: 20261124 },
    );
  });

  it("by share never plans past the share it was asked for", () => {
    fc.assert(
      fc.property(size, stretch, (by, usable) =>
        plan(scaled(by), usable).zones.every((zonePlan) => {
          const asked = settings.shares.brief[zonePlan.zone] ?? 0;
          // Half a millimetre of rounding on the smallest girth planned here.
          return Math.abs((girthBy("share", zonePlan)?.shareUsed ?? 0) - asked) <= 0.5 / 250 / usable;
        }),
      ),
      { seed: 20261124 },
    );
  });

  it("by pressure, left where it starts, gives what the share school gives", () => {
    fc.assert(
      fc.property(size, fc.double({ min: 0.2, max: 1, noNaN: true }), (by, usable) =>
        plan(scaled(by), usable).zones.every((zonePlan) => {
          const [byShare, byPressure] = [exact(zonePlan, "share"), exact(zonePlan, "pressure")];
          return Math.abs(byShare - byPressure) <= 1e-6 * byShare;
        }),
      ),
      { seed: 20261124 },
    );
  });

  it("presses harder the smaller the garment, and never reaches a pressure by a larger one", () => {
    const kpa = fc.double({ min: 0.01, max: 3, noNaN: true });
    fc.assert(
      fc.property(kpa, kpa, (one, other) => {
        const girth = (pressureKpa: number) =>
          exact(
            planStyle({
              style: brief,
              body: { values: SAMPLE_SHEET.values, tape: "snug" },
              cloth: { usable: 0.6, recovery: null, wear },
              settings,
              choice: { school: "pressure", zones: {}, pressuresKpa: { waist: pressureKpa } },
            }).zones[0],
            "pressure",
          );
        return one <= other ? girth(one) >= girth(other) : girth(one) <= girth(other);
      }),
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
  for (const id of SCHOOL_IDS) {
    const rings = ringsOf(plan(scaled(1), 0.6, 0.9, id).zones);
    fc.assert(
      fc.property(changes, (decided) => {
        const girths = (list: typeof decided) =>
          nextPlan(
            rings,
            list.map((one) => ({ ...one, on: "girth" as const })),
            { usable: 0.6, recovery: null },
          ).map(({ nowMm }) => nowMm);
        expect(girths(decided.toReversed())).toEqual(girths(decided));
      }),
      { seed: 20261124, numRuns: 50 },
    );
  }
});
