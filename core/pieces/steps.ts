import { type TSchema, Type } from "typebox";
import {
  type Draft,
  OPERATIONS,
  type OperationCall,
  type OperationReport,
  operate,
  saidAlone,
} from "../drafting/index.ts";
import { closed, list } from "../schemaParts.ts";

/** Most steps that are drawn on one set of pieces. */
export const MOST_STEPS = 60;

/** Operations that a maker had drawn on pieces, one after another, each with its own numbers. */
export const STEPS: TSchema = list(
  Type.Union(
    OPERATIONS.map(({ id, params }) =>
      closed({ operation: Type.Literal(id), params, onSide: Type.Optional(Type.Enum(["left", "right"])) }),
    ),
  ),
  MOST_STEPS,
);

/** What became of a step: what it changed; or why it was not drawn. */
export interface DrawnStep {
  readonly call: OperationCall;
  readonly report: OperationReport | null;
  /** Empty where it was drawn. */
  readonly problem: string;
}

/**
 * A draft with the steps that were drawn on it. One that cannot be drawn is left out with all that follow, since those were decided
 * on what it left; it says why.
 */
export function afterSteps(
  draft: Draft,
  calls: readonly OperationCall[],
): { readonly draft: Draft; readonly steps: readonly DrawnStep[] } {
  let current = draft;
  const steps: DrawnStep[] = [];
  for (const call of calls) {
    const stopped = steps.at(-1)?.report === null;
    const done = stopped ? null : operate(current, [call]);
    if (done?.ok) current = done.value.draft;
    const problem =
      done === null ? "It follows one that could not be drawn." : done.ok ? "" : saidAlone(done.problem.message);
    steps.push({ call, report: (done?.ok && done.value.reports[0]) || null, problem });
  }
  return { draft: current, steps };
}

/** What is said where a step was not drawn. */
export const stepWarnings = (steps: readonly DrawnStep[]): string[] => {
  const at = steps.findIndex(({ report }) => report === null);
  const failed = steps[at];
  return failed ? [`Step ${at + 1} is not drawn. ${failed.problem} Take it back, and what follows it.`] : [];
};
