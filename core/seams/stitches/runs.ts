import type { StitchPoint } from "./stitch.ts";

const steps = (count: number): number[] => Array.from({ length: count + 1 }, (_, at) => at);

/** Straight along the seam at a distance from its middle. mm */
export const straightRun = (lengthMm: number, count: number, y: number): StitchPoint[] =>
  steps(count).map((at) => ({ x: at * lengthMm, y }));

/** From one side to the other and back, in so many steps one way. mm */
export const zigzagRun = (lengthMm: number, widthMm: number, count: number, stepsAcross: number): StitchPoint[] =>
  steps(count).map((at) => {
    const phase = at % (2 * stepsAcross);
    const across = phase <= stepsAcross ? phase / stepsAcross : 2 - phase / stepsAcross;
    return { x: at * lengthMm, y: (across - 0.5) * widthMm };
  });

/** Loops that reach from one line to another and back, a loop a stitch. mm */
export const loopRun = (lengthMm: number, count: number, from: number, to: number): StitchPoint[] =>
  steps(count - 1).flatMap((at) => {
    const x = at * lengthMm;
    return [
      { x, y: from },
      { x: x + lengthMm * 0.5, y: to },
      { x: x + lengthMm * 0.62, y: to },
      { x: x + lengthMm, y: from },
    ];
  });
