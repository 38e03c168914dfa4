import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { CurvePoint } from "./monotoneCubic.ts";
import { sumCurves } from "./sumCurves.ts";
import { strainAt, type TensionCurve, tensionAt, tensionCurve, testedTo } from "./tensionCurve.ts";

const curves = fc.array(
  fc
    .array(fc.tuple(fc.double({ min: 0.02, max: 0.4, noNaN: true }), fc.double({ min: 0, max: 80, noNaN: true })), {
      minLength: 1,
      maxLength: 7,
    })
    .map((steps) => {
      let [strain, tension] = [0, 0];
      return tensionCurve(
        steps.map(([further, more]): CurvePoint => {
          strain += further;
          tension += more;
          return [strain, tension];
        }),
      );
    }),
  { minLength: 1, maxLength: 4 },
);

const added = (layers: readonly TensionCurve[], strain: number) =>
  layers.reduce((sum, layer) => sum + tensionAt(layer, strain).tensionNPerM, 0);

describe("the curve of several layers", () => {
  it("is their sum everywhere, past every test too", () => {
    fc.assert(
      fc.property(curves, fc.double({ min: -0.1, max: 4, noNaN: true }), (layers, strain) => {
        const [sum, wanted] = [tensionAt(sumCurves(layers), strain).tensionNPerM, added(layers, strain)];
        return Math.abs(sum - wanted) <= 1e-9 * Math.max(1, wanted);
      }),
      { seed: 20261125 },
    );
  });

  it("inverts to the smallest strain at which the layers together pull so hard", () => {
    fc.assert(
      fc.property(curves, fc.double({ min: 0.01, max: 300, noNaN: true }), (layers, tension) => {
        const { strain } = strainAt(sumCurves(layers), tension);
        if (strain === null) return added(layers, 1e6) < tension;
        const reached = added(layers, strain) >= tension * (1 - 1e-9);
        return reached && (strain <= 1e-9 || added(layers, strain - 1e-9) <= tension * (1 + 1e-12));
      }),
      { seed: 20261125 },
    );
  });

  it("is tested as far as the layer whose test ended first", () => {
    const sum = sumCurves([
      tensionCurve([
        [0.2, 5],
        [0.6, 30],
      ]),
      tensionCurve([[0.4, 20]]),
    ]);
    expect(testedTo(sum)).toBe(0.4);
    expect([tensionAt(sum, 0.4).beyondTest, tensionAt(sum, 0.41).beyondTest]).toEqual([false, true]);
    expect(strainAt(sum, tensionAt(sum, 0.5).tensionNPerM).beyondTest).toBe(true);
  });

  it("of one layer is that layer", () => {
    const only = tensionCurve([[0.3, 10]]);
    expect(sumCurves([only])).toBe(only);
  });
});
