import { describe, expect, it } from "vitest";
import { SAMPLE_CLOTH, SAMPLE_LADDER_TEST, SAMPLE_TEST } from "../testing/index.ts";
import { tensionAt } from "./curve/tensionCurve.ts";
import { alongOf, type GarmentLayer, layupStretch, testLayers } from "./layupStretch.ts";
import { SHIPPED_CLOTH_SETTINGS } from "./settings.ts";

const layer = (name: string, tests: GarmentLayer["tests"]): GarmentLayer => ({
  cloth: { ...SAMPLE_CLOTH, name },
  tests,
  direction: "across",
});
const shell = layer("shell", [SAMPLE_LADDER_TEST, { ...SAMPLE_TEST, id: 20, direction: "along" }]);
const lining = layer("lining", [{ ...SAMPLE_TEST, hand: { gaugeMm: 100, stretchedMm: 140, afterMm: 108 } }]);
const of = (...layers: GarmentLayer[]) =>
  layupStretch(testLayers(layers, SHIPPED_CLOTH_SETTINGS), SHIPPED_CLOTH_SETTINGS);

describe("layers stretched together", () => {
  it("stretch as far as the least of them and come back like the worst", () => {
    expect(of(shell, lining)).toMatchObject({
      usable: expect.closeTo(0.4, 12),
      setBy: "lining",
      recovery: expect.closeTo(0.8, 12),
      willBag: true,
    });
  });

  it("have the sum of their tensions in wear, once each has a ladder", () => {
    const one = of(shell);
    const two = of(shell, { ...shell, cloth: { ...SAMPLE_CLOTH, name: "second" } });
    if (!one?.wear || !two?.wear) throw new Error("Expected curves.");
    expect(tensionAt(two.wear, 0.3).tensionNPerM).toBeCloseTo(2 * tensionAt(one.wear, 0.3).tensionNPerM, 9);
    expect(one.wearBasis).toBe("factor");
    expect(of(shell, lining)).toMatchObject({ wear: null, wearBasis: null, withoutCurve: ["lining"] });
  });

  it("draw in like the outermost, and along the body name the layer that was not tested", () => {
    const contraction = -Math.log(44 / 50) / Math.log(1.46);
    expect(of(shell)?.contraction).toBeCloseTo(contraction, 12);
    expect(of(shell)).toMatchObject({ usableAlong: expect.closeTo(0.62, 12), untestedAlong: [] });
    expect(of(shell, lining)).toMatchObject({
      usableAlong: null,
      untestedAlong: [{ name: "lining", direction: "along" }],
    });
  });

  it("are not known without a layer, or with one never tested round the body", () => {
    expect(of()).toBeNull();
    expect(of(shell, layer("untested", []))).toBeNull();
  });

  it("know nothing of recovery where any layer was not read", () => {
    const unread = layer("unread", [{ ...SAMPLE_TEST, hand: { gaugeMm: 100, stretchedMm: 150, afterMm: null } }]);
    expect(of(shell, unread)?.recovery).toBeNull();
    expect(of(unread, shell)?.recovery).toBeNull();
  });
});

it("runs along the body across the way it is laid round it", () => {
  expect((["across", "along", "bias"] as const).map(alongOf)).toEqual(["along", "across", "bias"]);
});
