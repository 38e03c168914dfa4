import type { StretchStep } from "../../../core/ease/index.ts";

/** Height of the zigzag (part of the field) and number of its teeth: the further stretched, the flatter and fewer. */
const THREAD: Readonly<Record<Exclude<StretchStep, "slack" | "broken">, { rise: number; teeth: number }>> = {
  resting: { rise: 0.62, teeth: 6 },
  light: { rise: 0.48, teeth: 4 },
  held: { rise: 0.3, teeth: 3 },
  drawn: { rise: 0.1, teeth: 2 },
};

/**
 * Stenz's mark for strain: a zigzag seam thread. Slack it hangs in a loop, at rest it is steep, stretched it flattens,
 * beyond its reach it is broken. Read without colour, in a field of the given size.
 */
export function threadPath(step: StretchStep, width: number, height: number): string {
  const middle = height / 2;
  if (step === "slack") return `M 0 ${middle} Q ${width / 2} ${height * 1.35} ${width} ${middle}`;
  if (step === "broken") {
    const gap = width * 0.14;
    return [
      `M 0 ${middle} H ${width / 2 - gap} m -2 -3 l 4 6`,
      `M ${width / 2 + gap} ${middle} H ${width} M ${width / 2 + gap - 2} ${middle - 3} l 4 6`,
    ].join(" ");
  }
  const { rise, teeth } = THREAD[step];
  const stride = width / (2 * teeth);
  const half = (height * rise) / 2;
  const points = Array.from({ length: 2 * teeth + 1 }, (_, index) => {
    const y = middle + (index % 2 === 0 ? half : -half);
    return `${(index * stride).toFixed(2)} ${y.toFixed(2)}`;
  });
  return `M ${points.join(" L ")}`;
}
