import type { Cloth } from "./cloth.ts";
import type { Direction } from "./direction.ts";
import { compareReturns, REST_WORDS, type ReturnComparison } from "./returns.ts";
import { stretchClassOf } from "./stretchClass.ts";
import type { DirectionSummary } from "./summary.ts";

/** Which direction stretches most and which returns best, with what to say where they differ. */
export interface DirectionAdvice {
  readonly stretchesMost: Direction;
  readonly returns: ReturnComparison;
  readonly words: string;
}

/** Advice on what to lay round the body; null while fewer than two directions were tested. */
export function adviseDirection(kind: Cloth["kind"], summaries: readonly DirectionSummary[]): DirectionAdvice | null {
  if (summaries.length < 2) return null;
  const most = summaries.reduce((best, next) => (next.usable > best.usable ? next : best));
  const returns = compareReturns(summaries);
  return { stretchesMost: most.direction, returns, words: wordsFor(kind, most, summaries, returns) };
}

function wordsFor(
  kind: Cloth["kind"],
  most: DirectionSummary,
  summaries: readonly DirectionSummary[],
  returns: ReturnComparison,
): string {
  const far = `It stretches most ${most.direction}`;
  if (returns.what === "notComparable") {
    return `${far}; read the length of two directions after the same rest to know which way returns best.`;
  }
  const rest = REST_WORDS[returns.rest];
  if (returns.what === "alike") {
    return `${far}. The directions return alike ${rest}: the difference is within reading error.`;
  }
  if (returns.direction === most.direction) return `${far} and returns best that way too, read ${rest}.`;
  const returning = summaries.find(({ direction }) => direction === returns.direction);
  const better = `${far} but returns best ${returns.direction}, by ${returns.byPoints.toFixed(1)} points ${rest}`;
  if (returning && stretchClassOf(returning.usable) === "stable") {
    return `${better}. It hardly stretches ${returns.direction}, so that way cannot go round a body without ease.`;
  }
  const net = kind === "net" ? " On a net, the direction in which the cells draw narrow usually lasts longer." : "";
  return `${better}: round the body, the one that returns lasts longer.${net}`;
}
