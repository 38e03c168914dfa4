import fc from "fast-check";
import { arcLength, type BreastMeasures, rootOutline } from "../drafting/index.ts";

/** One breast with every measure, mm. */
export const SAMPLE_BREAST: BreastMeasures = {
  ...{ rootWidthMm: 136, rootHeightMm: 128, wireLineMm: 212, projectionMm: 66 },
  ...{ lowerCupMm: 96, upperCupMm: 101, crossCupMm: 205 },
};

const part = (min: number, max: number) =>
  fc.noBias(fc.integer({ min: 0, max: 1000 })).map((step) => min + ((max - min) * step) / 1000);

/** Plausible breasts, small to very large, flat and full, the apex high and low: measured along arcs of a shape they might have. */
export const anyBreast: fc.Arbitrary<BreastMeasures> = fc
  .record({
    width: part(95, 185),
    tall: part(0.85, 1.1),
    deep: part(0.28, 0.6),
    wire: part(0.44, 0.56),
    low: part(-0.12, 0.35),
    upright: part(1.5, 2.5),
    across: part(1.5, 2.5),
  })
  .map(({ width, tall, deep, wire, low, upright, across }) => {
    const [height, projection] = [width * tall, width * deep];
    const [lower, upper] = [height * wire, height * (1 - wire)];
    const foot = low * lower;
    const arc = (acrossMm: number, power: number) => arcLength({ acrossMm, heightMm: projection, power });
    // Below and above in one ratio to the chord, as the surface has it: the tape goes over one breast.
    const ratio = arc(lower - foot, upright) / Math.hypot(lower - foot, projection);
    return {
      rootWidthMm: width,
      rootHeightMm: height,
      wireLineMm: wireLine(width, lower),
      projectionMm: projection,
      lowerCupMm: arc(lower - foot, upright),
      upperCupMm: ratio * Math.hypot(upper + foot, projection),
      crossCupMm: 2 * arc(Math.hypot(width / 2, foot), across),
    };
  })
  .filter(({ rootWidthMm, rootHeightMm, wireLineMm }) => rootOutline(rootWidthMm, rootHeightMm, wireLineMm).ok);

/** Length of half an ellipse, mm, by a polygon of its own. */
function wireLine(width: number, lower: number): number {
  const steps = 4000;
  const at = (step: number) =>
    [(width / 2) * Math.cos((Math.PI * step) / steps), lower * Math.sin((Math.PI * step) / steps)] as const;
  let sum = 0;
  for (let step = 0; step < steps; step += 1) {
    const [[x, y], [nextX, nextY]] = [at(step), at(step + 1)];
    sum += Math.hypot(nextX - x, nextY - y);
  }
  return sum;
}
