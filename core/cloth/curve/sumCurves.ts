import { type CurvePoint, cubicAt, cubicSlopeAt } from "./monotoneCubic.ts";
import { lastSlope, type TensionCurve, testedTo } from "./tensionCurve.ts";

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
  const sum = (read: (curve: TensionCurve, strain: number) => number, strain: number) =>
    curves.reduce((total, curve) => total + read(curve, strain), 0);
  return {
    cubic: {
      points: strains.map((strain): CurvePoint => [strain, sum(tensionThere, strain)]),
      slopes: strains.map((strain) => sum(slopeThere, strain)),
    },
    pooledBy: Math.max(...curves.map(({ pooledBy }) => pooledBy)),
    testedTo: Math.min(...curves.map(testedTo)),
  };
}

function tensionThere({ cubic }: TensionCurve, strain: number): number {
  const [end, tension] = cubic.points.at(-1) as CurvePoint;
  return strain <= end ? cubicAt(cubic, strain) : tension + lastSlope(cubic) * (strain - end);
}

function slopeThere({ cubic }: TensionCurve, strain: number): number {
  const [end] = cubic.points.at(-1) as CurvePoint;
  return strain < end ? cubicSlopeAt(cubic, strain) : lastSlope(cubic);
}
