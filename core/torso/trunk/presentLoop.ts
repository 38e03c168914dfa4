import { TRUNK_PARTS, type TrunkPart } from "../../body/index.ts";
import type { ChartLoops, Wants } from "../../calculation/index.ts";
import type { TrunkFacts } from "./trunkFacts.ts";
import type { TrunkLoop } from "./trunkLoop.ts";
import type { TrunkWorking } from "./working.ts";

/** The loop a pattern has, and what it is. */
export interface PresentLoop {
  readonly loop: TrunkLoop;
  /** Where it comes from, in words. */
  readonly words: string;
  /** Body the loop is drawn for, mm, where it was worked out from one; null where it was measured or stated. */
  readonly drawnForMm: number | null;
  /** A body loop of which nobody knows how much shorter it is drawn: to be compared with the body as it is. */
  readonly bodyToBody: boolean;
}

/** The present loop: measured along a draft, of a graded pattern's size, or from the edges of a body wrap. */
export function presentOf(working: TrunkWorking, facts: TrunkFacts, wants: Wants): PresentLoop | null {
  if (working.from === "wrap") return fromWrap(working, facts, wants);
  if (working.from === "chart") return fromChart(working, facts, wants);
  const loopMm = wants.entry(working.trunkLoop, "the loop of the pattern");
  if (loopMm === null) return null;
  const words = "measured along the draft’s centre lines";
  return { loop: { trunkLoop: loopMm, ...partsAs(working, 1) }, words, drawnForMm: null, bodyToBody: false };
}

function fromWrap({ wrapId }: TrunkWorking, { wraps }: TrunkFacts, wants: Wants): PresentLoop | null {
  const wrap = wants.entry(wraps.find(({ id }) => id === wrapId) ?? null, "which body wrap");
  const loopMm = wrap && wants.entry(wrap.loop.trunkLoop ?? null, "the edges of the wrap that make up the loop");
  if (!wrap || loopMm === null) return null;
  const words = `edges of “${wrap.name}”`;
  return { loop: { ...wrap.loop, trunkLoop: loopMm }, words, drawnForMm: null, bodyToBody: false };
}

function fromChart(working: TrunkWorking, { chart }: TrunkFacts, wants: Wants): PresentLoop | null {
  const size = sizeOf(working, chart);
  if (chart && !size && (working.size !== "" || working.trunkLoop === null)) {
    const names = chart.sizes.map(({ name }) => name).join(", ");
    const plan = chart.chosen === null ? "" : `; the plan takes ${chart.chosen} at the waist`;
    return working.size === ""
      ? wants.entry(null, `the size the loop is of (${names}${plan})`)
      : wants.entry(null, `a size of the chart: “${working.size}” is none of ${names}`);
  }
  if (working.trunkLoop === null && size?.finishedMm) {
    const words = `finished loop of size ${size.name}`;
    return { loop: { trunkLoop: size.finishedMm, ...partsAs(working, 1) }, words, drawnForMm: null, bodyToBody: false };
  }
  const bodyMm = wants.entry(
    working.trunkLoop ?? size?.bodyMm ?? null,
    size ? `the loop of size ${size.name}, which its chart does not state` : "the loop of the size",
  );
  if (bodyMm === null) return null;
  const asDrawn = 1 - (working.ownReduction ?? 0);
  const name = working.size || size?.name;
  return {
    loop: { trunkLoop: bodyMm * asDrawn, ...partsAs(working, asDrawn) },
    words: name ? `size ${name}` : "size chart",
    drawnForMm: bodyMm,
    bodyToBody: working.ownReduction === null,
  };
}

/** The size of the chart that was named; none is taken unsaid. */
const sizeOf = ({ size }: TrunkWorking, chart: ChartLoops | null): ChartLoops["sizes"][number] | null =>
  chart?.sizes.find(({ name }) => name === size.trim()) ?? null;

const partsAs = (working: TrunkWorking, asDrawn: number): Partial<Record<TrunkPart, number>> =>
  Object.fromEntries(TRUNK_PARTS.flatMap((part) => (working[part] === null ? [] : [[part, working[part] * asDrawn]])));
