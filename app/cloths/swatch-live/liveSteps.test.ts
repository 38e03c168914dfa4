import { describe, expect, it } from "vitest";
import { readLadder } from "../ladderForm.ts";
import { type LiveSetup, loadsFrom, stepsAsFields, streamAddress } from "./liveSteps.ts";

const setup: LiveSetup = {
  source: "swim-knit",
  form: "loop",
  widthMm: 25,
  gaugeMm: 100,
  loadsN: [1, 3, 1],
  seed: 7,
  speed: 10,
};

describe("loads as they are typed", () => {
  it.each([
    ["1, 2, 3.5", false, [1, 2, 3.5]],
    ["1 2,5 4", false, [1, 2.5, 4]],
    ["3; 1; 2", false, [1, 2, 3]],
    ["1, 2, 3", true, [1, 2, 3, 2, 1]],
  ])("%s (and back: %s) are %j", (text, back, loads) => expect(loadsFrom(text, back)).toEqual(loads));

  it.each(["", "heavy", "1, -2", "0", "1, 2000", Array.from({ length: 25 }, (_, index) => index + 1).join(" ")])(
    "“%s” are none",
    (text) => {
      expect(loadsFrom(text, false)).toBeNull();
    },
  );
});

it("asks the stand-in for one step from the load before, and for the way back from the largest", () => {
  const query = new URL(streamAddress(setup, 2), "http://127.0.0.1").searchParams;
  expect(Object.fromEntries(query)).toEqual({
    cloth: "swim-knit",
    form: "loop",
    width: "25",
    gauge: "100",
    from: "3",
    to: "1",
    largest: "3",
    seed: "9",
    speed: "10",
  });
  expect(new URL(streamAddress(setup, 3), "http://127.0.0.1").searchParams.get("to")).toBe("0");
  expect(streamAddress({ ...setup, source: "device" }, 1)).toBe("/gauge/stream?source=device");
});

it("turns the steps read into the ladder form, which reads them again", () => {
  const steps = [
    { forceN: 1.0023, lengthMm: 112.34, phase: "load" },
    { forceN: 3.001, lengthMm: 131.97, phase: "load" },
    { forceN: 0.998, lengthMm: 121.2, phase: "unload" },
  ] as const;
  const ladder = readLadder(stepsAsFields(setup, steps, 99.6));
  expect(ladder).toMatchObject({ form: "loop", widthMm: 25, gaugeMm: 100, afterMm: 100 });
  expect(ladder?.steps).toEqual([
    { forceN: 1.002, lengthMm: 112.3, phase: "load", cycle: 1 },
    { forceN: 3.001, lengthMm: 132, phase: "load", cycle: 1 },
    { forceN: 0.998, lengthMm: 121.2, phase: "unload", cycle: 1 },
  ]);
});
