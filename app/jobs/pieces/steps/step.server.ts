import { type Draft, type OperationCall, operate, saidAlone } from "../../../../core/drafting/index.ts";
import type { FinishSettings } from "../../../../core/edges/index.ts";
import {
  drawPieces,
  isPiecesId,
  MOST_STEPS,
  type PieceFacts,
  type PiecesId,
  stepsOf,
} from "../../../../core/pieces/index.ts";
import { fail, ok, type Result } from "../../../../core/result.ts";
import type { Store } from "../../../../data/store.ts";
import { formReader } from "../../../../formats/form/formReader.ts";
import { group, version } from "../../../../formats/form/index.ts";
import { asSent, invalid, notFound } from "../../../.server/http/answers.ts";
import type { Fields } from "../../../form/unsaved.ts";
import { STEP_FORMS } from "./forms/index.ts";
import { keepPieces } from "./keepPieces.server.ts";

/** The readers of all steps, by their form. */
const READERS = new Map(STEP_FORMS.map((form) => [form.id, { form, read: formReader(form.schema) }]));

const readVersion = formReader(group({ version: version() }));

/** The pieces a form is of. */
const piecesOf = ({ of }: Fields): PiecesId => (isPiecesId(of) ? of : notFound("set of pieces"));

/** Draws a step on the pieces as they are kept, if it can be drawn. */
export function takeStep(fields: Fields, jobId: number, store: Store, factsOf: FactsOf, habits: FinishSettings) {
  const known = READERS.get(fields.step ?? "") ?? notFound("step");
  const typed = known.read(fields);
  if (!typed.ok) return invalid(fields, typed.errors);
  const call = known.form.call(typed.value as never, habits);
  if (!call.ok) return invalid(fields, call.errors);
  const [first] = known.form.fields;
  return keepSteps(fields, jobId, store, { factsOf, field: first?.name ?? "form", callsOn: () => ok([call.value]) });
}

/** What pieces of a job are drawn from. */
export type FactsOf = (id: PiecesId) => PieceFacts;

interface Added {
  readonly factsOf: FactsOf;
  readonly field: string;
  /** The operations, by the pieces they are drawn on. */
  readonly callsOn: (draft: Draft) => Result<readonly OperationCall[]>;
}

/** Keeps pieces with operations drawn on them after those they have. */
export function keepSteps(fields: Fields, jobId: number, store: Store, { factsOf, field, callsOn }: Added) {
  asSent(readVersion(fields));
  const id = piecesOf(fields);
  const facts = factsOf(id);
  return keepPieces(fields, jobId, store, {
    ...{ id, field, what: "set of pieces" },
    change(working) {
      const before = stepsOf(working);
      const { draft, steps } = drawPieces(id, working, facts);
      if (!draft || steps.some(({ report }) => report === null))
        return fail("not-drawn", "Expected pieces that are drawn with all of their steps: see what is said above.");
      const calls = callsOn(draft);
      if (!calls.ok) return calls;
      if (before.length + calls.value.length > MOST_STEPS)
        return fail(
          "too-many-steps",
          `Expected at most ${MOST_STEPS} steps on a set of pieces: read the pieces in as they are now.`,
        );
      const done = operate(draft, calls.value);
      if (!done.ok) return fail(done.problem.code, saidAlone(done.problem.message));
      return ok({ ...working, steps: [...before, ...calls.value] });
    },
  });
}

/** Takes the last step back. */
export function takeStepBack(fields: Fields, jobId: number, store: Store) {
  asSent(readVersion(fields));
  return keepPieces(fields, jobId, store, {
    ...{ id: piecesOf(fields), field: "step", what: "set of pieces" },
    change: (working) => ok({ ...working, steps: stepsOf(working).slice(0, -1) }),
  });
}
