import { type Static, Type } from "typebox";
import { monotoneCubic, type TensionCurve } from "../cloth/index.ts";
import { fail, ok, type Result } from "../result.ts";

/** A curve as a script gives it: points (strain, tension or force) without the origin. */
export const givenCurveSchema = () =>
  Type.Array(Type.Tuple([Type.Number({ minimum: 1e-9, maximum: 50 }), Type.Number({ minimum: 0, maximum: 1e9 })]), {
    minItems: 1,
    maxItems: 200,
  });

type GivenCurve = Static<ReturnType<typeof givenCurveSchema>>;

/** A script's curve, taken as it stands: rising strains, tensions that do not fall. Problem: `curve-not-rising`. */
export function givenCurve(points: GivenCurve | undefined): Result<TensionCurve | null> {
  if (!points) return ok(null);
  const withOrigin: [number, number][] = [[0, 0], ...points];
  const wrong = withOrigin.findIndex(([strain, tension], at) => {
    const before = withOrigin[at - 1];
    return before !== undefined && !(strain > before[0] && tension >= before[1]);
  });
  if (wrong !== -1)
    return fail(
      "curve-not-rising",
      `Expected a curve of rising strains and tensions, but point ${wrong} does not rise.`,
    );
  return ok({ cubic: monotoneCubic(withOrigin), pooledBy: 0 });
}
