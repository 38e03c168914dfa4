import type { Reckoned, Reckoning } from "../calculation/index.ts";
import { explainLeft } from "./explainSewing.ts";
import { minutesOf } from "./minutesOf.ts";
import { orderOf } from "./orderOf.ts";
import type { SewingFacts } from "./sewingFacts.ts";
import { type SewingRow, toGo } from "./sewingRow.ts";
import type { Made, SewingStep } from "./step.ts";
import { stepsFor } from "./steps/index.ts";
import type { SewingWorking } from "./working.ts";

/** The order of sewing of a garment. */
export interface SewingReckoning extends Reckoning {
  readonly rows: readonly SewingRow[];
  /** The first that is not done; null once all are. */
  readonly next: SewingRow | null;
  /** What is tried on, step by step: it fills the list of a fitting. */
  readonly checks: readonly string[];
  /** Minutes still to sew, and sewn so far. */
  readonly leftMin: number;
  readonly spentMin: number;
}

/** Puts the steps of a garment in order, and says where each stands. */
export function reckonSewing(working: SewingWorking, facts: SewingFacts): SewingReckoning {
  const usual = stepsFor(facts.made);
  const ids = orderOf(working, usual);
  const rows = ids.map((id, at) => rowOf(id, ids.slice(at + 1), { working, facts, usual }));
  const todo = rows.filter(({ doneAt, left }) => doneAt === null && !left);
  const leftMin = todo.reduce((sum, row) => sum + toGo(row), 0);
  return {
    ...{ rows, next: todo[0] ?? null, leftMin, lacks: [], notes: [] },
    spentMin: rows.reduce((sum, { spentMin }) => sum + spentMin, 0),
    checks: rows.flatMap(({ fit, left }) => (fit && !left ? [fit] : [])),
    numbers: todo.length === 0 ? [] : [leftNumber(todo, leftMin)],
    warnings: rows.filter(({ left }) => !left).flatMap(({ problems }) => problems),
  };
}

/** What is tried on while a garment is sewn, in its order: the list of a fitting is filled with it. */
export const fitChecks = (working: SewingWorking, made: Made): readonly string[] =>
  reckonSewing(working, { made, putOff: [], past: {} }).checks;

interface Given {
  readonly working: SewingWorking;
  readonly facts: SewingFacts;
  readonly usual: readonly SewingStep[];
}

function rowOf(id: string, later: readonly string[], { working, facts, usual }: Given): SewingRow {
  const step = usual.find((one) => one.id === id);
  const own = working.own.find((one) => one.id === id);
  const name = step?.name ?? own?.name ?? id;
  return {
    ...{ id, name, how: step?.how ?? null, fit: step?.fit ?? null, own: step === undefined },
    expected: minutesOf(facts.past[id], step?.guessMin ?? null),
    restMin: step?.restMin ?? 0,
    spentMin: working.spent[id] ?? 0,
    doneAt: working.done[id] ?? null,
    left: working.left.includes(id),
    problems: step ? problemsOf(step, later, { working, usual }) : [],
    putOff: facts.putOff.filter(({ waitsFor }) => waitsFor === step?.settles).map(({ words }) => words),
  };
}

/** What a step needs that comes after it. */
const problemsOf = (
  { name, after = [] }: SewingStep,
  later: readonly string[],
  { working, usual }: Pick<Given, "working" | "usual">,
): string[] =>
  after
    .filter(({ step }) => later.includes(step) && !working.left.includes(step) && working.done[step] === undefined)
    .map(({ step, why }) => {
      const needed = usual.find(({ id }) => id === step)?.name ?? step;
      return `“${needed}” comes before “${name}”: ${why}.`;
    });

const leftNumber = (todo: readonly SewingRow[], leftMin: number): Reckoned => ({
  id: "left",
  name: "Minutes still to sew",
  explanation: explainLeft(todo, leftMin),
});
