import { type CurvePoint, cubicSlopeAt } from "./monotoneCubic.ts";
import { lastSlope, type TensionCurve, tensionAt, testedTo } from "./tensionCurve.ts";

/**
 * The curve of layers that are stretched together: `T(ε) = Σ Tᵢ(ε)`, exactly. Between the strains at which any layer
 * has a point, and straight on past its end, every layer is a cubic or a line, so their sum is a cubic given by its
 * values and slopes at those strains.
 *
 * @param curves one or more.
 * @returns a curve tested as far as the layer whose test ended first.
 */
export function sumCurves(curves: readonly TensionCurve[]): TensionCurve {
  const [only] = curves;
  if (only && curves.length === 1) return only;
  const strains = [...new Set(curves.flatMap(({ cubic }) => cubic.points.map(([strain]) => strain)))].toSorted(
    (a, b) => a - b,
  );
  const sum = (read: (curve: TensionCurve) => number) => curves.reduce((total, curve) => total + read(curve), 0);
  return {
    cubic: {
      points: strains.map((strain): CurvePoint => [strain, sum((curve) => tensionAt(curve, strain).tensionNPerM)]),
      slopes: strains.map((strain) => sum((curve) => slopeThere(curve, strain))),
    },
    pooledBy: Math.max(...curves.map(({ pooledBy }) => pooledBy)),
    testedTo: Math.min(...curves.map(testedTo)),
  };
}

function slopeThere({ cubic }: TensionCurve, strain: number): number {
  const [end] = cubic.points.at(-1) as CurvePoint;
  return strain < end ? cubicSlopeAt(cubic, strain) : lastSlope(cubic);
}
