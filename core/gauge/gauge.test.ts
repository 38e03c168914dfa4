import { describe, expect, it } from "vitest";
import { evaluateLadder } from "../cloth/index.ts";
import { gaugeLine, parseGaugeLine } from "./line.ts";
import { practiceErrors } from "./practice.ts";
import { HOLD_S, RAMP_S, READINGS_PER_S, READINGS_PER_STEP, type SimulatedStep, simulatedReading } from "./simulate.ts";
import { returnStrain, STAND_IN_CLOTHS, type StandInCloth, trueStrain, trueTension } from "./standIn.ts";
import { takeReading } from "./takeReading.ts";

const cloth = STAND_IN_CLOTHS[1] as StandInCloth;
const step = (own: Partial<SimulatedStep> = {}): SimulatedStep => ({
  cloth,
  form: "strip",
  widthMm: 50,
  gaugeMm: 100,
  fromN: 1,
  toN: 3,
  largestN: 3,
  seed: 7,
  ...own,
});
const whole = (own: Partial<SimulatedStep> = {}) =>
  Array.from({ length: READINGS_PER_STEP }, (_, number) => simulatedReading(step(own), number));

describe("the line of a gauge", () => {
  it("goes out and comes in", () => {
    expect(gaugeLine({ t: 1.5, n: 2.04, mm: 118.2 })).toBe('{"t":1.5,"n":2.04,"mm":118.2}');
    expect(parseGaugeLine('{"t":1.5,"n":2.04,"mm":118.2,"battery":80}')).toEqual({
      ok: true,
      value: { t: 1.5, n: 2.04, mm: 118.2 },
    });
  });

  it.each([
    "",
    "2.04 N",
    "{}",
    '{"t":1,"n":"2","mm":3}',
    '{"t":1,"n":1e9,"mm":3}',
    "null",
    `{"t":1,"n":1,"mm":1,"x":"${"y".repeat(300)}"}`,
  ])("refuses %j", (text) => {
    expect(parseGaugeLine(text).ok).toBe(false);
  });
});

describe("the stand-in gauge", () => {
  it("repeats itself for a seed, number by number, and differs for another", () => {
    expect(simulatedReading(step(), 123)).toEqual(simulatedReading(step(), 123));
    expect(simulatedReading(step({ seed: 8 }), 123)).not.toEqual(simulatedReading(step(), 123));
  });

  it("pulls up to the load, then holds it while the cloth creeps", () => {
    const readings = whole();
    expect(readings[0]?.n).toBeCloseTo(1, 1);
    expect(readings.at(-1)?.n).toBeCloseTo(3, 1);
    const mean = (from: number, to: number) => {
      const part = readings.slice(from * READINGS_PER_S, to * READINGS_PER_S);
      return part.reduce((sum, { mm }) => sum + mm, 0) / part.length;
    };
    expect(mean(RAMP_S + HOLD_S - 3, RAMP_S + HOLD_S)).toBeGreaterThan(mean(RAMP_S, RAMP_S + 3));
  });

  it("starts slack: without a load the gauge reads short", () => {
    expect(simulatedReading(step({ fromN: 0 }), 0).mm).toBeLessThan(100);
  });

  it("has a return curve below the way there, from the strain it keeps", () => {
    const largest = trueStrain(cloth, 100);
    expect(returnStrain(cloth, 0, largest)).toBeCloseTo(cloth.kept * largest, 12);
    expect(returnStrain(cloth, 50, largest)).toBeGreaterThan(trueStrain(cloth, 50));
    expect(returnStrain(cloth, 100, largest)).toBeLessThanOrEqual(largest);
  });

  it.each(STAND_IN_CLOTHS)("inverts its own curve: $name", (standIn) => {
    expect(trueTension(standIn, trueStrain(standIn, 80))).toBeCloseTo(80, 9);
  });
});

describe("taking a reading", () => {
  it("takes the medians of the last two seconds, so that a knock does not count", () => {
    const readings = whole();
    const clean = takeReading(readings);
    const last = readings.length - 5;
    const knocked = readings.map((reading, index) => (index === last ? { ...reading, n: 40, mm: 300 } : reading));
    expect(takeReading(knocked)?.forceN).toBeCloseTo(clean?.forceN ?? 0, 2);
    expect(takeReading(knocked)?.lengthMm).toBeCloseTo(clean?.lengthMm ?? 0, 0);
  });

  it("waits for readings", () => expect(takeReading([{ t: 0, n: 1, mm: 100 }])).toBeNull());
});

it("a practised ladder comes within a few per cent of the true curve, and can be evaluated", () => {
  const loads = [1, 2, 3.5, 5];
  const steps = loads.map((toN, index) => {
    const taken = takeReading(whole({ fromN: loads[index - 1] ?? 0, toN, largestN: toN, seed: index }));
    if (!taken) throw new Error("A whole step gives a reading.");
    return { ...taken, phase: "load" as const, cycle: 1 };
  });
  const errors = practiceErrors(cloth, { form: "strip", widthMm: 50, gaugeMm: 100 }, steps);
  for (const error of errors) expect(Math.abs(error ?? 1)).toBeLessThan(0.04);
  const evaluated = evaluateLadder({
    form: "strip",
    widthMm: 50,
    gaugeMm: 100,
    steps,
    afterMm: null,
    after30MinMm: null,
    neckIn: null,
  });
  expect(evaluated.ok).toBe(true);
  expect(
    practiceErrors(cloth, { form: "strip", widthMm: 50, gaugeMm: 100 }, [
      { forceN: 1, lengthMm: 120, phase: "unload" },
    ]),
  ).toEqual([null]);
});
